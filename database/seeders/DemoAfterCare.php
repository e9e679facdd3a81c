<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\PhotoPurpose;
use App\Models\User;
use App\UseCases\Service\RigCare;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\RigFacts;
use Yoke\Workshop\Procedure\StepOutcome;

/** What came after the demo's set-ups: the care books, and photos drawn as a phone would have taken them. */
final class DemoAfterCare
{
    /** By the job whose rig it is of: days after its set-up, what was done, the distance on the vehicle. */
    private const CARE = [
        'Seed library, first set-up' => [
            [0, 'distance', '31480 km'],
            [9, 'retorque', '31566 km'],
            [170, 'torque', '36020 km'],
            [170, 'grease', ''],
            [170, 'wear', ''],
        ],
        'Seed library, spring set-up' => [
            [0, 'distance', '37240 km'],
            [6, 'retorque', '37331 km'],
            [120, 'grease', '41070 km'],
            [205, 'distance', '45010 km'],
        ],
        'Planetarium, new hitch' => [[0, 'distance', '88204 km']],
    ];

    private const PHOTOS = [
        'Seed library, spring set-up' => [PhotoPurpose::LinkMark, PhotoPurpose::Placard],
        'Planetarium, new hitch' => [PhotoPurpose::Placard, PhotoPurpose::Washers, PhotoPurpose::LinkMark],
    ];

    private const SIZE = [640, 480];

    /** @param  array<string, User>  $people */
    public function __construct(private array $people)
    {
    }

    public function run(): void
    {
        $clock = Date::getTestNow();
        foreach (self::CARE as $title => $lines) {
            $job = Job::query()->where('title', $title)->firstOrFail();
            foreach ($lines as [$days, $task, $driven]) {
                Date::setTestNow(($job->handed_over_at ?? CarbonImmutable::now())->addDays($days)->addMinutes(3));
                (new RigCare($job->rig->load('careRecords')))->write($task, $driven, $this->people['ibby']);
            }
            Date::setTestNow($clock);
        }
        $this->handedOver(Job::query()->where('title', 'Seed library, spring set-up')->firstOrFail());
        foreach (self::PHOTOS as $title => $shown) {
            $job = Job::query()->where('title', $title)->firstOrFail();
            foreach ($shown as $shows) {
                $job->photos()->create([
                    'shows' => $shows,
                    'width' => self::SIZE[0],
                    'height' => self::SIZE[1],
                    'jpeg' => $this->picture($shows),
                    'user_id' => $this->people['ibby']->id,
                    'taken_at' => $job->handed_over_at ?? Date::now(),
                ]);
            }
        }
    }

    /** The hook-up shown to the owner, step by step; a walk round that was called away from; the private link. */
    private function handedOver(Job $job): void
    {
        $family =
            $job->rigAsWorked()->specified()->family() ??
            throw new \LogicException('The demo\'s hitches have families.');
        $answers = ['ground' => 'firm', 'jack' => 'manual', 'friction_bar' => 'no', 'brakes' => 'yes'];
        foreach ([[Occasion::HookUp, 99], [Occasion::Departure, 4]] as [$occasion, $taken]) {
            $steps = (new Procedure(
                $occasion,
                new RigFacts(
                    $family,
                    $job->rigAsWorked()->values(RigPart::Vehicle),
                    $job->rigAsWorked()->values(RigPart::Trailer),
                    $answers,
                ),
            ))->steps();
            $begun = ($job->handed_over_at ?? CarbonImmutable::now())->subMinutes(60);
            $end = $begun->addMinutes(count($steps));
            $run = $job
                ->procedureRuns()
                ->create([
                    'occasion' => $occasion,
                    'answers' => $answers,
                    'user_id' => $this->people['ibby']->id,
                    'started_at' => $begun,
                    ...$taken < count($steps) ? ['given_up_at' => $end] : ['finished_at' => $end],
                ]);
            foreach (array_slice($steps, 0, $taken) as $minute => $step) {
                $run->steps()->create([
                    'step' => $step->key,
                    'outcome' => StepOutcome::Done,
                    'user_id' => $this->people['ibby']->id,
                    'at' => $begun->addMinutes($minute),
                ]);
            }
        }
        $job->cardLinks()->create([
            'token' => Str::random(40),
            'user_id' => $this->people['ibby']->id,
            'made_at' => $job->handed_over_at,
            'ends_at' => $job->handed_over_at?->addDays(730),
        ]);
    }

    /** Plain shapes: a plate with lines, a chain with one link painted, a stack of washers on a bolt. */
    private function picture(PhotoPurpose $shows): string
    {
        $picture = imagecreatetruecolor(...self::SIZE);
        imagefill($picture, 0, 0, 0x585C5A);
        $steel = 0xACB0AC;
        if ($shows === PhotoPurpose::Placard) {
            imagefilledrectangle($picture, 90, 90, 550, 390, 0xD6D4CA);
            foreach (range(0, 5) as $i) {
                imagefilledrectangle($picture, 120, 130 + 42 * $i, 520 - 37 * (($i * 5) % 7), 142 + 42 * $i, 0x343634);
            }
        } elseif ($shows === PhotoPurpose::LinkMark) {
            foreach (range(0, 4) as $i) {
                $wide = $i % 2 === 0 ? 104 : 30;
                imagefilledellipse($picture, 320, 60 + 90 * $i, $wide, 132, $i === 2 ? 0xDEBE28 : $steel);
                imagefilledellipse($picture, 320, 60 + 90 * $i, max(2, $wide - 44), 84, 0x585C5A);
            }
        } else {
            imagefilledrectangle($picture, 60, 210, 580, 270, $steel);
            foreach (range(0, 2) as $i) {
                imagefilledrectangle($picture, 250 + 46 * $i, 120, 286 + 46 * $i, 360, 0x868A88 + 0x121212 * $i);
            }
        }
        ob_start();
        imagejpeg($picture, null, 78);

        return (string) ob_get_clean();
    }
}
