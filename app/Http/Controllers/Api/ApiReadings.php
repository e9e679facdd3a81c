<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\MeasureKind;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\TongueForm;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\RecordHeights;
use App\UseCases\Tape\RecordMeasures;
use App\UseCases\Tape\SaveOutcome;
use App\UseCases\Weighing\RecordTicket;
use App\UseCases\Weighing\RecordTongueWeight;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\JsonResponse;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Measuring\Readings\Weighing\ReadTicket;
use Yoke\Measuring\Readings\Weighing\TicketText;
use Yoke\Rig\Parts\Stance;

/** Readings posted by a device or another program: what does not read is refused whole, field by field. */
final class ApiReadings
{
    /** What a display steps by where nobody says, kg. */
    private const USUAL_STEP_KG = 10.0;

    public function __construct(
        private readonly RecordHeights $heights,
        private readonly RecordMeasures $measures,
        private readonly RecordTicket $tickets,
        private readonly RecordTongueWeight $tongueWeights,
    ) {
    }

    /** Heights of one stance. A number without a unit is millimetres. */
    public function heights(Asked $request, Job $job): JsonResponse
    {
        $stance = $request->choice('stance', Stance::class);
        if ($stance === null) {
            return ApiAnswer::invalid(['stance' => Text::of('api.expected_stance')]);
        }
        $entries = $this->entries($request, $stance);
        $problems = array_filter(
            array_column(
                array_map(
                    static fn (Entry $entry): array => [$entry->place->field(), (string) $entry->refusal],
                    $entries,
                ),
                1,
                0,
            ),
        );
        if ($entries === [] || $problems !== []) {
            return ApiAnswer::invalid($entries === [] ? ['front' => Text::of('api.expected_height')] : $problems);
        }
        $outcomes = $this->heights->whole($request->person()->metric(), $job, $entries);
        $overtaken = array_filter(
            array_map(
                static fn (SaveOutcome $outcome): string => $outcome->saved->isOpen() ? $outcome->sentence : '',
                $outcomes,
            ),
        );

        return $overtaken === []
            ? ApiAnswer::made([
                'saved' => array_map(static fn (Entry $entry): string => $entry->place->key(), $entries),
                'ids' => array_map(static fn (SaveOutcome $outcome): ?int => $outcome->basedOn, $outcomes),
            ])
            : ApiAnswer::conflict($overtaken);
    }

    /** @return list<Entry> of the heights that were sent; each may say which reading it corrects */
    private function entries(Asked $request, Stance $stance): array
    {
        $parser = new LengthParser(LengthUnit::Millimetre);
        $settling = $request->boolean('rolled') ? Settling::Rolled : Settling::NotRolled;
        $basedOn = $request->input('based_on');
        $entries = [];
        foreach (Place::allOf($stance) as $place) {
            $typed = $request->text($place->field());
            $corrects = filter_var(is_array($basedOn) ? $basedOn[$place->field()] ?? null : null, FILTER_VALIDATE_INT);
            if ($typed !== '') {
                $entries[] = Entry::read($place, $typed, $settling, $corrects === false ? null : $corrects, $parser);
            }
        }

        return $entries;
    }

    /**
     * What else was read in a stance: coupler, gauge, angles, axle loads. Millimetres, kilograms and degrees without a
     * unit.
     */
    public function measures(Asked $request, Job $job): JsonResponse
    {
        $stance = $request->choice('stance', Stance::class);
        if ($stance === null) {
            return ApiAnswer::invalid(['stance' => Text::of('api.expected_stance')]);
        }
        $kinds = array_column(MeasureKind::takenAtOnce($stance), 'value');
        $typed = array_filter(
            array_intersect_key($request->sent(), array_flip($kinds)),
            static fn (string $text): bool => $text !== '',
        );
        if ($typed === []) {
            return ApiAnswer::invalid([
                $kinds[0] => Text::of('api.expected_measure', ['kinds' => implode(', ', $kinds)]),
            ]);
        }
        $problems = $this->measures->whole($request->person()->metric(), $job, $stance, $typed);

        return $problems === []
            ? ApiAnswer::made(['saved' => array_keys($typed)])
            : ApiAnswer::invalid(ExpectedWords::each($problems));
    }

    /** A weighbridge ticket as its text stands, or as loads in kilograms. */
    public function ticket(Asked $request, Job $job): JsonResponse
    {
        $stance = $request->choice('stance', Stance::class);
        $step = $request->text('step_kg') === '' ? self::USUAL_STEP_KG : (float) $request->text('step_kg');
        if ($stance === null || ! ($step > 0.0 && $step <= 100.0)) {
            return ApiAnswer::invalid(
                array_filter([
                    'stance' => $stance === null ? Text::of('api.expected_stance') : '',
                    'step_kg' => $step > 0.0 && $step <= 100.0 ? '' : Text::of('api.expected_step'),
                ]),
            );
        }
        $typed = $request->text('ticket');
        try {
            $ticket = (new TicketText(new LoadParser(LoadUnit::Kilogram), Load::ofKilograms($step)))->read(
                $stance,
                $typed,
            );
        } catch (ImpossibleTicket $impossible) {
            return ApiAnswer::invalid(['ticket' => ExpectedWords::of($impossible->expected())]);
        }
        [$kept] = $this->tickets->kept($request->person(), $job, [new ReadTicket($ticket, $typed)]);

        return ApiAnswer::made(['id' => $kept->id]);
    }

    /** A load without a unit is kilograms, a length millimetres, whoever's token it is. */
    public function tongue(Asked $request, JobAnalyses $analyses, Job $job): JsonResponse
    {
        $form = new TongueForm($request->sent(), $analyses->of($job)->rig, $request->person()->metric());
        $reading = $form->read();
        if ($reading === null) {
            return ApiAnswer::invalid($form->problems());
        }
        $kept = $this->tongueWeights->kept($request->person(), $job, $reading);

        return ApiAnswer::made(['id' => $kept->id]);
    }

    /** It stays in the record, and counts no more. */
    public function withdrawTicket(Asked $request, Job $job, int $ticket): JsonResponse
    {
        $this->tickets->withdrawn($request->person(), $job, $ticket);

        return ApiAnswer::made(['id' => $ticket]);
    }

    /** It stays in the record, and counts no more. */
    public function withdrawTongue(Asked $request, Job $job, int $reading): JsonResponse
    {
        $this->tongueWeights->withdrawn($request->person(), $job, $reading);

        return ApiAnswer::made(['id' => $reading]);
    }
}
