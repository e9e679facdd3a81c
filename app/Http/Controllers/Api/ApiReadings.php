<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Middleware\ApiSignedIn;
use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Forms\TongueForm;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\RecordHeights;
use App\UseCases\Tape\SaveOutcome;
use App\UseCases\Weighing\RecordTicket;
use App\UseCases\Weighing\RecordTongueWeight;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\JsonResponse;
use Yoke\Readings\Height\Settling;
use Yoke\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Readings\Weighing\TicketText;
use Yoke\Rig\Stance;
use Yoke\Units\LengthUnit;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;
use Yoke\Units\Text\LengthParser;
use Yoke\Units\Text\LoadParser;

/** Readings posted by a device or another program: what does not read is refused whole, field by field. */
final class ApiReadings
{
    /** What a display steps by where nobody says, kg. */
    private const USUAL_STEP_KG = 10.0;

    public function __construct(private readonly RecordHeights $heights, private readonly RecordTicket $tickets, private readonly RecordTongueWeight $tongueWeights)
    {
    }

    /** Heights of one stance. A number without a unit is millimetres. */
    public function heights(Asked $request, Job $job): JsonResponse
    {
        $stance = $request->choice('stance', Stance::class);
        if ($stance === null) {
            return self::invalid(['stance' => Text::of('api.expected_stance')]);
        }
        $parser = new LengthParser(LengthUnit::Millimetre);
        $settling = $request->boolean('rolled') ? Settling::Rolled : Settling::NotRolled;
        $entries = [];
        foreach (Place::allOf($stance) as $place) {
            $typed = $request->text($place->field());
            $entries = $typed === '' ? $entries : [...$entries, Entry::read($place, $typed, $settling, null, $parser)];
        }
        $problems = array_filter(array_column(array_map(static fn (Entry $entry): array => [$entry->place->field(), (string) $entry->refusal], $entries), 1, 0));
        if ($entries === [] || $problems !== []) {
            return self::invalid($entries === [] ? ['front' => Text::of('api.expected_height')] : $problems);
        }
        $outcomes = $this->heights->whole($request->person()->metric(), $job, $entries);
        $overtaken = array_filter(array_map(static fn (SaveOutcome $outcome): string => $outcome->saved->isOpen() ? $outcome->sentence : '', $outcomes));

        return $overtaken === [] ? new JsonResponse(['data' => ['saved' => array_map(static fn (Entry $entry): string => $entry->place->key(), $entries)]], 201) : self::conflict($overtaken);
    }

    /** A weighbridge ticket as its text stands, or as loads in kilograms. */
    public function ticket(Asked $request, Job $job): JsonResponse
    {
        $stance = $request->choice('stance', Stance::class);
        $step = $request->text('step_kg') === '' ? self::USUAL_STEP_KG : (float) $request->text('step_kg');
        if ($stance === null || ! ($step > 0.0 && $step <= 100.0)) {
            return self::invalid(array_filter(['stance' => $stance === null ? Text::of('api.expected_stance') : '', 'step_kg' => $step > 0.0 && $step <= 100.0 ? '' : Text::of('api.expected_step')]));
        }
        $typed = $request->text('ticket');
        try {
            $ticket = (new TicketText(new LoadParser(LoadUnit::Kilogram), Load::ofKilograms($step)))->read($stance, $typed);
        } catch (ImpossibleTicket $impossible) {
            return self::invalid(['ticket' => ExpectedWords::of($impossible->expected())]);
        }
        [$kept] = $this->tickets->kept($request->person(), $job, [[$ticket, $typed]]);

        return new JsonResponse(['data' => ['id' => $kept->id]], 201);
    }

    /** A load without a unit is kilograms, a length millimetres, whoever's token it is. */
    public function tongue(Asked $request, Job $job): JsonResponse
    {
        $form = new TongueForm($request->typed(), $job->rigAsWorked()->core(), $request->person()->metric());
        $reading = $form->read();
        if ($reading === null) {
            return self::invalid($form->problems());
        }
        $kept = $this->tongueWeights->kept($request->person(), $job, $reading);

        return new JsonResponse(['data' => ['id' => $kept->id]], 201);
    }

    /** @param  array<string, string>  $fields */
    private static function invalid(array $fields): JsonResponse
    {
        $refused = ApiSignedIn::refuse(422, 'invalid', Text::of('api.invalid'));

        return $refused->setData(['error' => [...(array) $refused->getData(true)['error'], 'fields' => $fields]]);
    }

    /** @param  array<string, string>  $fields */
    private static function conflict(array $fields): JsonResponse
    {
        $refused = ApiSignedIn::refuse(409, 'conflict', Text::of('api.conflict'));

        return $refused->setData(['error' => [...(array) $refused->getData(true)['error'], 'fields' => $fields]]);
    }
}
