<?php

declare(strict_types=1);

namespace App\Screens\Card;

use Mpdf\QrCode\QrCode as Encoder;

/** An address as a square code that a phone's camera reads, drawn in cells. */
final readonly class QrCode
{
    /** Reads with about 15 % of it lost. */
    private const LEVEL = 'M';

    /** @param  list<list<bool>>  $cells  row by row, the light ones about it with them; dark is true */
    private function __construct(private array $cells)
    {
    }

    public static function of(string $address): self
    {
        $code = new Encoder($address, self::LEVEL);
        /** @var list<int> $flat */
        $flat = array_values($code->getFinal());
        $rows = array_chunk($flat, max(1, (int) $code->getQrSize()));

        return new self(
            array_map(
                static fn (array $row): array => array_map(static fn (int $cell): bool => $cell !== 0, $row),
                $rows,
            ),
        );
    }

    /** Cells across, the light ones about it with them. */
    public function size(): int
    {
        return count($this->cells);
    }

    /** Its dark cells as one path of SVG, run by run. */
    public function path(): string
    {
        $path = '';
        foreach ($this->cells as $y => $row) {
            $from = null;
            foreach ([...$row, false] as $x => $isDark) {
                if ($isDark) {
                    $from ??= $x;
                } elseif ($from !== null) {
                    $path .= sprintf('M%d %dh%dv1h-%dz', $from, $y, $x - $from, $x - $from);
                    $from = null;
                }
            }
        }

        return $path;
    }
}
