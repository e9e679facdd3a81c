<?php

declare(strict_types=1);

namespace App\Screens\Service;

use App\Models\CareRecord;
use App\Models\Rig;
use App\Models\User;
use App\UseCases\Service\RigCare;
use App\Words\ServiceWords;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;

/** What falls due as an iCalendar file (RFC 5545): a day-long event for each task of each rig. */
final readonly class CareCalendar
{
    public function __construct(private User $person, private DateTimeImmutable $now)
    {
    }

    /** @param  iterable<Rig>  $rigs */
    public function text(iterable $rigs): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Ivy Yoke//Care//EN']);
        foreach ($rigs as $rig) {
            foreach (CareLine::of(new RigCare($rig), $this->person) as $line) {
                $day = CareRecord::dateOf($line->due->firstDay());
                $event = $calendar->createComponent('VEVENT', null, false);
                $event->add('UID', "care-{$rig->id}-{$line->due->task->key}@ivy-yoke");
                $event->add('DTSTAMP', $this->now);
                $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
                $event->add('DTEND', $day->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
                $event->add('SUMMARY', ServiceWords::what($line->due->task).": {$rig->title()}");
                $event->add(
                    'DESCRIPTION',
                    ServiceWords::how($line->due->task).' '.ucfirst($line->every()).", {$line->since()}.",
                );
                $calendar->add($event);
            }
        }

        return $calendar->serialize();
    }
}
