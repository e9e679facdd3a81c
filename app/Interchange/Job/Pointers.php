<?php

declare(strict_types=1);

namespace App\Interchange\Job;

/** Fields of a file by their JSON pointers (RFC 6901). */
final class Pointers
{
    /**
     * What stands in one tree and has no place in another: only the topmost field of what is missing.
     *
     * @param  array<array-key, mixed>  $whole
     * @param  array<array-key, mixed>  $known
     * @return array<string, mixed> by pointer
     */
    public static function missing(array $whole, array $known, string $at = ''): array
    {
        $missing = [];
        foreach ($whole as $key => $value) {
            $pointer = $at.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            if (! array_key_exists($key, $known)) {
                $missing[$pointer] = $value;
            } elseif (is_array($value) && is_array($known[$key])) {
                $missing += self::missing($value, $known[$key], $pointer);
            }
        }

        return $missing;
    }

    /**
     * @param  array<array-key, mixed>  $tree
     * @param  array<string, mixed>  $fields  by pointer
     * @return array<array-key, mixed>
     */
    public static function put(array $tree, array $fields): array
    {
        foreach ($fields as $pointer => $value) {
            $at = &$tree;
            foreach (array_slice(explode('/', $pointer), 1) as $key) {
                if (! is_array($at)) {
                    continue 2;
                }
                $at = &$at[str_replace(['~1', '~0'], ['/', '~'], $key)];
            }
            $at = $value;
            unset($at);
        }

        return $tree;
    }
}
