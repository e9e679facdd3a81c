<?php

declare(strict_types=1);

namespace App\UseCases\Loads;

use App\Models\Aboard;
use App\Models\User;
use App\UseCases\Forms\TypedParts;
use App\Words\ExpectedWords;
use App\Words\LoadWords;
use Yoke\Expected;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadRoom;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Rig;

/** A load state as it is typed, dragged or kept: its rows, what they come to, and what does not read. */
final class LoadDraft
{
    private const MOST_ITEMS = 40;

    /** @var list<LoadRow> */
    public array $rows = [];

    /** @var array<string, string> percent of each tank, as typed */
    public array $fills = [];

    public string $name = '';

    private CollectProblems $problems;

    private LoadRoom $room;

    /** @param  list<Tank>  $tanks */
    private function __construct(private readonly Rig $rig, public readonly array $tanks, private readonly User $person)
    {
        $this->problems = new CollectProblems();
        $this->room = new LoadRoom($rig);
    }

    /**
     * As it is kept.
     *
     * @param  list<Tank>  $tanks
     * @param  list<array{name: string, kg: float, on: string, mm: float}>  $items
     * @param  array<string, float>  $fills
     */
    public static function kept(Rig $rig, array $tanks, User $person, string $name, array $items, array $fills): self
    {
        $draft = new self($rig, $tanks, $person);
        $draft->name = $name;
        foreach (Aboard::items($items) as $item) {
            $draft->add($item);
        }
        foreach ($tanks as $tank) {
            $draft->fills[$tank->key] = (string) round(100 * ($fills[$tank->key] ?? 0.0), 1);
        }

        return $draft;
    }

    /**
     * As it stands in the form; a row to drop is left out, one to add put in.
     *
     * @param  list<Tank>  $tanks
     * @param  array<array-key, mixed>  $typed
     */
    public static function typed(Rig $rig, array $tanks, User $person, array $typed): self
    {
        $draft = new self($rig, $tanks, $person);
        $name = new TypedParts($typed, $person, $draft->problems);
        $draft->name = $name->name('name');
        $rows = is_array($typed['items'] ?? null) ? array_values($typed['items']) : [];
        foreach (array_slice($rows, 0, self::MOST_ITEMS) as $i => $row) {
            if (is_array($row) && (string) $i !== ($typed['drop'] ?? null)) {
                $draft->read(array_filter($row, is_string(...)));
            }
        }
        $usual = is_string($typed['add'] ?? null) ? UsualItem::tryFrom($typed['add']) : null;
        if ($usual !== null && count($draft->rows) < self::MOST_ITEMS) {
            $draft->add($usual->on($rig, LoadWords::usual($usual)));
        }
        $fills = is_array($typed['fills'] ?? null) ? $typed['fills'] : [];
        foreach ($tanks as $tank) {
            $fill = $fills[$tank->key] ?? '0';
            $draft->fills[$tank->key] = is_string($fill) ? trim($fill) : '0';
            $draft->fill($tank);
        }

        return $draft;
    }

    /** @return list<Item> everything aboard that reads, the tanks' water too */
    public function items(): array
    {
        $water = array_map(fn (Tank $tank): ?Item => $this->fill($tank), $this->tanks);

        return array_values(
            array_filter(
                [...array_map(static fn (LoadRow $row): ?Item => $row->item, $this->rows), ...$water],
                static fn (?Item $item): bool => $item !== null,
            ),
        );
    }

    /** @return array<string, string> by field */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    /** @return list<array{name: string, kg: float, on: string, mm: float}> */
    public function toKeep(): array
    {
        return Aboard::rows(
            array_values(array_filter(array_map(static fn (LoadRow $row): ?Item => $row->item, $this->rows))),
        );
    }

    /** @return array<string, float> */
    public function fillsToKeep(): array
    {
        return array_map(
            static fn (string $percent): float => (float) str_replace(',', '.', $percent) / 100,
            $this->fills,
        );
    }

    public function drawnAt(Item $item): float
    {
        return $this->room->drawnAt($item);
    }

    private function add(Item $item): void
    {
        $this->rows[] = LoadRow::of($item, $this->person);
    }

    /** @param  array<array-key, string>  $typed */
    private function read(array $typed): void
    {
        $i = count($this->rows);
        $problems = new CollectProblems();
        $row = LoadRow::read($typed, $this->room, $this->person, $problems);
        try {
            if ($row->item !== null) {
                $this->room->check($row->item);
            }
        } catch (ImpossibleItem $impossible) {
            $problems->found($impossible->field(), $impossible->expected());
            $row = $row->withoutItem();
        }
        foreach ($problems->all() as $field => $expected) {
            $this->problems->found("item-{$i}-{$field}", $expected);
        }
        $this->rows[] = $row;
    }

    private function fill(Tank $tank): ?Item
    {
        $typed = str_replace(',', '.', $this->fills[$tank->key] ?? '0');
        if ($typed !== '' && preg_match('/^\d{1,3}(\.\d{0,3})?$/', $typed) !== 1) {
            $this->problems->found("fill-{$tank->key}", Expected::of('item.fill'));

            return null;
        }
        try {
            return $tank->filled((float) $typed / 100);
        } catch (ImpossibleItem $impossible) {
            $this->problems->found("fill-{$tank->key}", $impossible->expected());

            return null;
        }
    }
}
