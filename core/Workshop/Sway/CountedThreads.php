<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

/** Threads counted on the left and the right: chains are to be tightened alike. */
final readonly class CountedThreads
{
    /**
     * @param  int  $left  0 or more
     * @param  int  $right  0 or more
     */
    public function __construct(private int $left, private int $right)
    {
    }

    public function answer(): Answer
    {
        return $this->left === $this->right ? Answer::Yes : Answer::No;
    }

    /** By how many the slacker side is to be turned up: the left above 0, the right below. */
    public function toTurn(): int
    {
        return $this->right - $this->left;
    }
}
