<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/**
 * What is to be done, and why.
 *
 * @internal to the advisor
 */
final readonly class Decision
{
    /**
     * @param  Recheck|null  $look  what is read again; null where nothing is
     * @param  bool  $thenSet  whether a setting is hooked up after the look
     */
    private function __construct(
        public Action $action,
        public Reason $reason,
        public ?Recheck $look,
        public bool $thenSet,
    ) {
    }

    public static function of(Action $action, Reason $reason): self
    {
        return new self($action, $reason, null, false);
    }

    /** To read something again, and see. */
    public static function toLook(Recheck $look, Reason $reason): self
    {
        return new self(Action::ReadAgain, $reason, $look, false);
    }

    /** To read something again, and then to hook up. */
    public static function toLookFirst(Recheck $look, Reason $reason): self
    {
        return new self(Action::ReadAgain, $reason, $look, true);
    }
}
