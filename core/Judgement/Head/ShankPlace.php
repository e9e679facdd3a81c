<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;

/** One way to bolt the head to the shank. */
final readonly class ShankPlace
{
    /** A ball as it was taped and as its hole would bring it agree within this, mm. */
    private const ALIKE_MM = 4.0;

    /**
     * @param  'drop'|'rise'  $turned
     * @param  Length  $receiver  above the ground
     * @param  float  $hole  counted from the receiver, from 1; a half where the head sits between two
     * @param  int  $holesVisible  above the head
     * @param  list<Term>  $terms  that add up to the ball's height
     * @param  list<Obstacle>  $inTheWay
     */
    public function __construct(
        public string $turned,
        public Length $receiver,
        public float $hole,
        public int $holesVisible,
        public Length $ballHeight,
        private Length $wanted,
        public array $terms,
        public array $inTheWay,
    ) {
    }

    /** Whether a ball as it was taped stands where its hole would bring it. */
    public static function agree(Length $taped, Length $byHole): bool
    {
        return $taped->minus($byHole)->absolute()->millimetres() < self::ALIKE_MM;
    }

    /** The receiver over the ball; below it is negative. */
    public function receiverOverBall(): Length
    {
        return $this->receiver->minus($this->ballHeight);
    }

    /** What it is called: `drop-2`. */
    public function key(): string
    {
        return "{$this->turned}-{$this->hole}";
    }

    /** Ball height minus what was wanted; up positive. */
    public function residual(): Length
    {
        return $this->ballHeight->minus($this->wanted);
    }
}
