<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\CoreException;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Rig\Parts\Stance;

/**
 * Reads a ticket as it is typed or pasted: an axle and its load on each line, or parted by commas; two axles that share
 * a platform joined by a plus; the gross and the time of day if the ticket has them; or bare figures, one a line. In
 * the words of English and Spanish tickets.
 */
final readonly class TicketText
{
    private const LINE = '/^\s*(?:eje\s+)?(?<what>[a-z]+(?:\s*\+\s*[a-z]+)?)(?:\s+axles?)?\s*[:=]?\s*(?<load>\d.*)$/i';

    private const TIME = '/^\s*(?:time|hora)\s*[:=]?\s*(?<time>([01]?\d|2[0-3]):[0-5]\d)\s*$/i';

    /** Words that weighbridges use for what stands on a platform. */
    private const WORDS = [
        'front' => WeighedAxle::Front,
        'steer' => WeighedAxle::Front,
        'rear' => WeighedAxle::Rear,
        'drive' => WeighedAxle::Rear,
        'trailer' => WeighedAxle::Trailer,
        'tandem' => WeighedAxle::Trailer,
        'delantero' => WeighedAxle::Front,
        'trasero' => WeighedAxle::Rear,
        'remolque' => WeighedAxle::Trailer,
    ];

    /** What bare figures are. */
    private const IN_ORDER = ['front', 'rear', 'trailer'];

    private const GROSS = ['gross', 'total', 'sum', 'bruto', 'suma'];

    public function __construct(private LoadParser $loads, private Load $step)
    {
    }

    /** @throws ImpossibleTicket */
    public function read(Stance $stance, string $typed): Ticket
    {
        $platforms = [];
        $gross = null;
        $time = null;
        $unit = null;
        foreach ($this->named($this->lines($typed)) as $line) {
            if (preg_match(self::TIME, $line, $part) === 1) {
                $time = $part['time'];

                continue;
            }
            if (preg_match(self::LINE, $line, $part) !== 1) {
                throw ImpossibleTicket::line(trim($line));
            }
            $what = str_replace(' ', '', strtolower($part['what']));
            $load = $this->load($part['load'], $line);
            $unit ??= $this->loads->unitOf($part['load']);
            if (in_array($what, self::GROSS, true)) {
                $gross = $load;
            } else {
                $platforms[] = new PlatformLoad($this->axles($what, $line), $load);
            }
        }

        return Ticket::of($stance, $platforms, $gross, $this->step, $time, $unit ?? $this->loads->unitOf(''));
    }

    /** @return list<string> */
    private function lines(string $typed): array
    {
        $lines = preg_split('/[\r\n;]+|,(?=\s*[a-z])/i', $typed);

        return array_values(
            array_filter($lines === false ? [] : $lines, static fn (string $line): bool => trim($line) !== ''),
        );
    }

    /**
     * Bare figures, one a line, are front, rear and trailer in that order; the last is the total where it is the sum of
     * those before it.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private function named(array $lines): array
    {
        $figures = array_values(array_filter($lines, static fn (string $line): bool => ! self::isTime($line)));
        $bare = array_filter($figures, static fn (string $line): bool => preg_match('/^\s*\d/', $line) === 1);
        if (count($figures) < 2 || count($figures) > count(self::IN_ORDER) + 1 || count($bare) !== count($figures)) {
            return $lines;
        }
        $loads = array_map(fn (string $line): float => $this->load($line, $line)->kilograms(), $figures);
        $last = count($loads) - 1;
        $isTotal =
            $last > 1 &&
            abs(array_sum(array_slice($loads, 0, $last)) - $loads[$last]) <= $last * $this->step->kilograms();
        $words = [...array_slice(self::IN_ORDER, 0, $isTotal ? $last : $last + 1), 'total'];
        $named = array_values(array_filter($lines, self::isTime(...)));
        foreach ($figures as $i => $line) {
            $named[] = ($words[$i] ?? 'total').' '.trim($line);
        }

        return $named;
    }

    private static function isTime(string $line): bool
    {
        return preg_match(self::TIME, $line) === 1;
    }

    private function load(string $typed, string $line): Load
    {
        try {
            return $this->loads->parse($typed);
        } catch (CoreException) {
            throw ImpossibleTicket::line(trim($line));
        }
    }

    /** @return non-empty-list<WeighedAxle> */
    private function axles(string $what, string $line): array
    {
        $axles = [];
        foreach (explode('+', $what) as $word) {
            $axles[] = self::WORDS[$word] ?? throw ImpossibleTicket::line(trim($line));
        }

        return $axles;
    }
}
