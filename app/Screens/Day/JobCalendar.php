<?php

declare(strict_types=1);

namespace App\Screens\Day;

use App\Models\Job;
use App\Models\User;
use App\Words\Text;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;

/**
 * A person's jobs as an iCalendar file (RFC 5545), by the clock on the shop's wall: the hours stay when zones or summer
 * time change.
 */
final readonly class JobCalendar
{
    /** Where nobody foresaw anything. */
    private const USUAL_MINUTES = 120;

    public function __construct(private User $person, private DateTimeImmutable $now)
    {
    }

    /** @param  iterable<Job>  $jobs */
    public function text(iterable $jobs): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Ivy Yoke//Jobs//EN',
            'X-WR-CALNAME' => Text::of('day.calendar_name', ['person' => $this->person->name]),
        ]);
        foreach ($jobs as $job) {
            $event = $calendar->createComponent('VEVENT', null, false);
            $event->add('UID', "job-{$job->mark}@ivy-yoke");
            $event->add('DTSTAMP', $this->now);
            if ($job->starts_minute === null) {
                $event->add('DTSTART', $job->booked_on->format('Ymd'), ['VALUE' => 'DATE']);
                $event->add('DTEND', $job->booked_on->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
            } else {
                $start = $job->booked_on
                    ->startOfDay()
                    ->setTime(intdiv($job->starts_minute, 60), $job->starts_minute % 60);
                $event->add('DTSTART', $start->format('Ymd\THis'));
                $event->add(
                    'DTEND',
                    $start->addMinutes($job->planned_minutes ?? self::USUAL_MINUTES)->format('Ymd\THis'),
                );
            }
            $event->add(
                'SUMMARY',
                $job->bay === null
                    ? $job->title
                    : Text::of('day.event', ['title' => $job->title, 'bay' => $job->bay]),
            );
            $rig = $job->rigAsWorked();
            $event->add(
                'DESCRIPTION',
                implode(', ', [$rig->vehicleName(), $rig->trailerName(), $rig->hitchName()]),
            );
            $event->add('URL', route('jobs.resume', $job));
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
