<?php

declare(strict_types=1);

namespace Yoke\Sway;

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

    /** What to do, in a sentence, or an empty text. */
    public function says(): string
    {
        $off = abs($this->left - $this->right);
        $slack = $this->left < $this->right ? 'left' : 'right';

        return $off === 0 ? '' : sprintf('Left %d, right %d: turn the %s side up by %d, or the other back, and count again.', $this->left, $this->right, $slack, $off);
    }
}
