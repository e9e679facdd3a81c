<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Words\QuantityWords;
use App\Words\RatingWords;
use App\Words\Text;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\DistributionNeed;
use Yoke\Job\Planning\NeedAnswer;
use Yoke\Judgement\Ratings\RatedLoad;

/** Whether a rig on a plain ball needs weight distribution, and why. */
final readonly class NeedPage
{
    /** @param  string  $makersWord  quoted, or an empty text */
    public function __construct(
        private DistributionNeed $need,
        private Load $rearGains,
        private string $makersWord,
        private QuantityWords $print,
    ) {
    }

    public function answer(): string
    {
        return Text::of("need.answer.{$this->need->answer()->value}");
    }

    public function isOver(): bool
    {
        return in_array($this->need->answer(), [NeedAnswer::Required, NeedAnswer::RatingEnds], true);
    }

    public function isNone(): bool
    {
        return $this->need->answer() === NeedAnswer::NotNeeded;
    }

    /** @return list<string> a sentence each */
    public function reasons(): array
    {
        $share = $this->need->frontLostShare();

        return array_values(
            array_filter([
                $this->makersWord,
                Text::of('need.front', [
                    'load' => $this->print->about($this->need->frontLost()),
                    'rear' => $this->print->about($this->rearGains),
                ]),
                $share === null ? '' : Text::of('need.front_share', ['share' => $this->print->percent($share)]),
                ...array_map(
                    fn (RatedLoad $line): string => Text::of('need.ends', [
                        'what' => RatingWords::of($line),
                        'carries' => $this->print->about($line->carries),
                        'may' => $this->print->load($line->may),
                    ]),
                    $this->need->ratingsThatEnd(),
                ),
                $this->need->answer()->asks() ? Text::of('need.raises_none') : '',
            ]),
        );
    }
}
