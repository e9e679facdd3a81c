<?php

declare(strict_types=1);

namespace App\Screens\Card;

use TCPDF2DBarcode;

/** An address as a square code that a phone's camera reads, drawn in cells. */
final readonly class QrCode
{
    /** Light cells about it, as readers expect. */
    private const QUIET = 4;

    /** Reads with about 15 % of it lost. */
    private const KIND = 'QRCODE,M';

    /** @param  list<list<int>>  $cells  row by row, 1 is dark */
    private function __construct(private array $cells)
    {
    }

    public static function of(string $address): self
    {
        // It tries some of its patterns by chance: the same address looks the same every time.
        mt_srand(crc32($address));
        /** @var array{bcode: list<list<int>>} $code */
        $code = (new TCPDF2DBarcode($address, self::KIND))->getBarcodeArray();
        mt_srand();

        return new self($code['bcode']);
    }

    /** Cells across, the quiet ones with it. */
    public function size(): int
    {
        return count($this->cells) + 2 * self::QUIET;
    }

    /** Its dark cells as one path of SVG, run by run. */
    public function path(): string
    {
        $path = '';
        foreach ($this->cells as $y => $row) {
            $from = null;
            foreach ([...$row, 0] as $x => $cell) {
                if ((int) $cell === 1) {
                    $from ??= $x;
                } elseif ($from !== null) {
                    $path .= sprintf('M%d %dh%dv1h-%dz', $from + self::QUIET, $y + self::QUIET, $x - $from, $x - $from);
                    $from = null;
                }
            }
        }

        return $path;
    }
}
