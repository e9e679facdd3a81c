<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act;

use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;

/** One thing done at a rig of the practice yard, as it is kept: plain, so that a run is the list of its acts. */
final readonly class Act
{
    private function __construct(
        public ActKind $kind,
        public ?Axle $axle = null,
        /** Of a tape: what the learner read, mm. */
        public ?float $readMm = null,
        public Eye $eye = Eye::Level,
        /** Of a tape: as it was typed. */
        public string $typed = '',
        /** Of a setting. */
        public string $adjuster = '',
        public float $step = 0.0,
        public ?Place $place = null,
        public ?Remedy $remedy = null,
    ) {
    }

    /** One that says nothing besides. */
    public static function plain(ActKind $kind): self
    {
        return new self($kind);
    }

    /** @param  float  $readMm  what the learner reads off */
    public static function tape(Axle $axle, float $readMm, Eye $eye, string $typed = ''): self
    {
        return new self(ActKind::Tape, axle: $axle, readMm: $readMm, eye: $eye, typed: $typed);
    }

    public static function set(string $adjuster, float $step): self
    {
        return new self(ActKind::Set, adjuster: $adjuster, step: $step);
    }

    public static function look(Place $place): self
    {
        return new self(ActKind::Look, place: $place);
    }

    public static function putRight(Remedy $remedy): self
    {
        return new self(ActKind::PutRight, remedy: $remedy);
    }

    /** @return array<string, string|float> to be kept */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            ...$this->kind === ActKind::Tape && $this->axle !== null
                ? [
                    'axle' => $this->axle->value,
                    'read_mm' => $this->readMm ?? 0.0,
                    'eye' => $this->eye->value,
                    'typed' => $this->typed,
                ]
                : [],
            ...$this->kind === ActKind::Set ? ['adjuster' => $this->adjuster, 'step' => $this->step] : [],
            ...$this->place === null ? [] : ['place' => $this->place->value],
            ...$this->remedy === null ? [] : ['remedy' => $this->remedy->value],
        ];
    }

    /**
     * @param  array<string, mixed>  $kept
     *
     * @throws ImpossibleAct when it is none
     */
    public static function ofArray(array $kept): self
    {
        $text = static fn (string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $number = static fn (string $key): ?float => is_int($kept[$key] ?? null) || is_float($kept[$key] ?? null)
            ? (float) $kept[$key]
            : null;
        $kind = ActKind::tryFrom($text('kind'));
        $act = match ($kind) {
            null => null,
            ActKind::Tape => Axle::tryFrom($text('axle')) === null || $number('read_mm') === null
                ? null
                : self::tape(
                    Axle::from($text('axle')),
                    $number('read_mm'),
                    Eye::tryFrom($text('eye')) ?? Eye::Standing,
                    $text('typed'),
                ),
            ActKind::Set => $text('adjuster') === '' || $number('step') === null
                ? null
                : self::set($text('adjuster'), $number('step')),
            ActKind::Look => Place::tryFrom($text('place')) === null ? null : self::look(Place::from($text('place'))),
            ActKind::PutRight => Remedy::tryFrom($text('remedy')) === null
                ? null
                : self::putRight(Remedy::from($text('remedy'))),
            default => self::plain($kind),
        };

        return $act ?? throw ImpossibleAct::unreadable();
    }
}
