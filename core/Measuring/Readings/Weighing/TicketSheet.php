<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Expected;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Rig\Parts\Stance;

/**
 * Reads tickets from a file of separated values: a line of headings (`stance, front, rear, trailer, gross`, in any
 * order),
 * then a ticket a line. Comma, semicolon or tab; any line ends; a byte order mark is passed over.
 */
final readonly class TicketSheet
{
    private const MOST_TICKETS = 40;

    private const STANCES = [
        'alone' => Stance::Alone,
        'dropped' => Stance::Dropped,
        'carried' => Stance::Carried,
        'solo' => Stance::Alone,
        'sin barras' => Stance::Dropped,
        'con barras' => Stance::Carried,
    ];

    /** What stands over the stances. */
    private const HEADINGS = ['stance', 'posición', 'posicion'];

    private const LOADS = '/^(?:(?:front|rear|trailer|delantero|trasero|remolque)(?:\s*\+\s*'.
        '(?:front|rear|trailer|delantero|trasero|remolque))?|gross|time|bruto|hora)$/';

    public function __construct(private TicketText $text)
    {
    }

    /**
     * @return non-empty-list<ReadTicket>
     *
     * @throws ImpossibleTicket naming the line at fault
     */
    public function read(string $file): array
    {
        if (preg_match('//u', $file) !== 1 || preg_match('/\x00/', $file) === 1) {
            throw ImpossibleTicket::notText();
        }
        $split = preg_split('/\R/', preg_replace('/^\x{FEFF}/u', '', $file) ?? '');
        $lines = array_values(
            array_filter($split === false ? [] : $split, static fn (string $line): bool => trim($line) !== ''),
        );
        if (count($lines) < 2 || count($lines) > self::MOST_TICKETS + 1) {
            throw ImpossibleTicket::lines(self::MOST_TICKETS, count($lines));
        }
        $separator = $this->separator($lines[0]);
        $headings = array_map(
            static fn (string $heading): string => strtolower(trim($heading, " \t\"")),
            explode($separator, $lines[0]),
        );
        if (array_filter($headings, self::isStance(...)) === []) {
            throw ImpossibleTicket::withoutStances();
        }
        $tickets = [];
        for ($i = 1; $i < count($lines); $i++) {
            $tickets[] = $this->ticket($headings, explode($separator, $lines[$i]), $i + 1);
        }

        return $tickets;
    }

    private static function isStance(string $heading): bool
    {
        return in_array($heading, self::HEADINGS, true);
    }

    /** @return non-empty-string */
    private function separator(string $headings): string
    {
        foreach (["\t", ';'] as $separator) {
            if (substr_count($headings, $separator) > 0) {
                return $separator;
            }
        }

        return ',';
    }

    /**
     * @param  list<string>  $headings
     * @param  list<string>  $cells
     */
    private function ticket(array $headings, array $cells, int $line): ReadTicket
    {
        $stance = null;
        $typed = [];
        foreach ($headings as $i => $heading) {
            $cell = trim($cells[$i] ?? '', " \t\"");
            if (self::isStance($heading)) {
                $stance = self::STANCES[strtolower($cell)] ?? null;
            } elseif ($cell !== '' && preg_match(self::LOADS, $heading) === 1) {
                $typed[] = "{$heading} {$cell}";
            }
        }
        if ($stance === null) {
            throw ImpossibleTicket::inLine($line, Expected::of('ticket.stance'));
        }
        try {
            return new ReadTicket($this->text->read($stance, implode("\n", $typed)), implode(', ', $typed));
        } catch (ImpossibleTicket $impossible) {
            throw ImpossibleTicket::inLine($line, $impossible->expected());
        }
    }
}
