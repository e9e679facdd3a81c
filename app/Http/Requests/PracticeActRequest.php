<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\ExpectedWords;
use Illuminate\Foundation\Http\FormRequest;
use Yoke\CoreException;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;

/** One act at a rig of the practice yard, as the buttons of its page send it. */
final class PracticeActRequest extends FormRequest
{
    use TypedInput;

    /** The position that the act was asked for. */
    public function position(): int
    {
        return $this->whole('position');
    }

    /** Null where it is none that can be read. */
    public function act(LengthParser $lengths): ?Act
    {
        return match ($this->choice('kind', ActKind::class)) {
            null => null,
            ActKind::Tape => $this->tape($lengths),
            ActKind::Set => $this->set(),
            ActKind::Look => ($place = $this->choice('place', Place::class)) === null ? null : Act::look($place),
            ActKind::PutRight => ($remedy = $this->choice('remedy', Remedy::class)) === null
                ? null
                : Act::putRight($remedy),
            default => Act::plain(ActKind::from($this->text('kind'))),
        };
    }

    public function axle(): ?Axle
    {
        return $this->choice('axle', Axle::class);
    }

    public function eye(): Eye
    {
        return $this->choice('eye', Eye::class) ?? Eye::Standing;
    }

    private function tape(LengthParser $lengths): ?Act
    {
        $axle = $this->axle();
        $typed = trim($this->text('read'));
        if ($axle === null) {
            return null;
        }
        try {
            return Act::tape($axle, $lengths->parse($typed)->length()->millimetres(), $this->eye(), $typed);
        } catch (CoreException $unreadable) {
            $this->refuse(['read' => ExpectedWords::of($unreadable->expected())]);
        }
    }

    private function set(): ?Act
    {
        $steps = $this->steps();

        return $steps === [] ? null : Act::set((string) array_key_first($steps), (float) array_values($steps)[0]);
    }
}
