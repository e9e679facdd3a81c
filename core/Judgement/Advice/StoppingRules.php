<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** When enough is enough: settings of the shop, all chances 0 to 1. */
final readonly class StoppingRules
{
    public function __construct(
        /** The present setting is left alone at once from this chance on. */
        public float $sure = 0.96,
        /**
         * And only while the chance that the front is over-restored is at most this; once it was read again,
         * `overDone`.
         */
        public float $overUnsure = 0.01,
        /** The present setting is left alone from this chance on, once it was read as often as is worth it. */
        public float $goodEnough = 0.9,
        /** And only while the chance that the front is over-restored is at most this. */
        public float $overDone = 0.02,
        /** Where no setting has more chance than this, none is advised. */
        public float $hopeless = 0.15,
        /** Below this chance of the present setting, reading it again is no use. */
        public float $worthReading = 0.35,
        /** A stance is not read more often than this before it is decided on. */
        public int $readings = 3,
        /** Alone and dropped are asked for so often before the first hook-up. */
        public int $before = 2,
        /**
         * Whatever may be a mistake with more chance than this is looked at before stopping, if a look can settle it.
         */
        public float $openSuspect = 0.1,
        /** Nothing is driven with more chance than this that the front is over-restored. */
        public float $overAllowed = 0.1,
        /** A hook-up that is read in the yard before anybody drives may risk more. */
        public float $overInTheYard = 0.25,
        /** A move is held back from too much as if every share were off by so much besides its doubt. */
        public float $unseen = 0.1,
        /** What a trailer that stands level is worth, in chance. */
        public float $offLevel = 0.25,
        /** What a minute of work is worth, in chance. */
        public float $minute = 0.005,
    ) {
    }

    /** Whether a setting may be hooked up in the yard alone, until it is read. */
    public function isForTheYardOnly(SettingForecast $forecast): bool
    {
        return $forecast->over > $this->overAllowed;
    }

    /** The same for a setting that nobody reads before it is driven. */
    public function unread(): self
    {
        return new self(
            $this->sure,
            $this->overUnsure,
            $this->goodEnough,
            $this->overDone,
            $this->hopeless,
            $this->worthReading,
            $this->readings,
            $this->before,
            $this->openSuspect,
            $this->overAllowed,
            $this->overAllowed,
            $this->unseen,
            $this->offLevel,
            $this->minute,
        );
    }
}
