<?php

declare(strict_types=1);

namespace App\UseCases\People;

/**
 * Some fifty thousand passwords that are tried first wherever somebody guesses: the first five bytes of each one's
 * SHA-256,
 * sorted (docs/running.md says where the list comes from).
 */
final readonly class CommonPasswords
{
    private const BYTES = 5;

    private const LEAST_ROOT = 4;

    /** Letters that figures and signs stand for. */
    private const STANDS_FOR = [
        '@' => 'a',
        '4' => 'a',
        '3' => 'e',
        '1' => 'i',
        '!' => 'i',
        '0' => 'o',
        '$' => 's',
        '5' => 's',
        '7' => 't',
    ];

    private const ABOUT = '0123456789 !@#$%^&*()-_=+.,?';

    private string $hashes;

    public function __construct(string $file)
    {
        $this->hashes = (string) file_get_contents($file);
    }

    /**
     * Common itself, or a common one dressed up: figures and signs about it, some of its letters as figures, written
     * twice.
     */
    public function has(string $password): bool
    {
        $lower = mb_strtolower($password);
        $letters = strtr($lower, self::STANDS_FOR);
        $core = trim($lower, self::ABOUT);
        foreach ([$lower, $letters, $core, strtr($core, self::STANDS_FOR), self::once($lower)] as $root) {
            if ($root !== '' && mb_strlen($root) >= self::LEAST_ROOT && $this->isListed($root)) {
                return true;
            }
        }

        return self::isMonotone($lower);
    }

    private function isListed(string $password): bool
    {
        $wanted = substr(hash('sha256', $password, true), 0, self::BYTES);
        [$low, $high] = [0, intdiv(strlen($this->hashes), self::BYTES) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $order = strcmp($wanted, substr($this->hashes, $middle * self::BYTES, self::BYTES));
            if ($order === 0) {
                return true;
            }
            [$low, $high] = $order < 0 ? [$low, $middle - 1] : [$middle + 1, $high];
        }

        return false;
    }

    /** What is written over and over, once. */
    private static function once(string $password): string
    {
        return preg_match('/^(.{3,}?)\1+$/u', $password, $part) === 1 ? $part[1] : $password;
    }

    /** Three characters or fewer, or one step from each to the next: aaaaaaaaaaaa, 123456789012, abcdefghijkl. */
    private static function isMonotone(string $password): bool
    {
        $bytes = array_values((array) unpack('C*', $password));
        $steps = array_count_values(
            array_map(static fn (int $a, int $b): int => $b - $a, array_slice($bytes, 0, -1), array_slice($bytes, 1)),
        );

        return count(array_unique($bytes)) <= 3 || ($steps !== [] && max($steps) >= 0.8 * (count($bytes) - 1));
    }
}
