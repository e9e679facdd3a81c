<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** Serves the simulated devices over TCP: one process, many lines, none of them waits for another. */
final class DeviceServer
{
    private const LONGEST_LINE = 256;

    private const MOST_LINES = 64;

    /** How much later than any patience a slow device answers, s. */
    private const SLOW_S = 3.0;

    /** @var resource */
    private $door;

    /** @var array<int, resource> */
    private array $lines = [];

    /** @var array<int, string> what came in on a line and has no end yet */
    private array $begun = [];

    /** @var array<int, string|null> what a line's caller said stands there */
    private array $rigs = [];

    /** @var list<array{float, int, string}> answers held back: when due, the line, the request */
    private array $late = [];

    /** @throws RuntimeException when the address is taken */
    public function __construct(private readonly DeviceTalk $talk, string $host, int $port)
    {
        $door = @stream_socket_server("tcp://{$host}:{$port}", $code, $why);
        if ($door === false) {
            throw new RuntimeException("The devices cannot be served at {$host}:{$port}: {$why}.");
        }
        stream_set_blocking($door, false);
        $this->door = $door;
    }

    /** @param  \Closure(): bool  $goesOn asked once a second at the least */
    public function serve(\Closure $goesOn): void
    {
        while ($goesOn()) {
            $this->turn();
        }
        fclose($this->door);
    }

    private function turn(): void
    {
        $readable = [-1 => $this->door, ...$this->lines];
        $none = null;
        if ((int) @stream_select($readable, $none, $none, 0, $this->late === [] ? 500_000 : 50_000) > 0) {
            foreach ($readable as $line) {
                $line === $this->door ? $this->open() : $this->hear($line);
            }
        }
        $this->answerLate();
    }

    private function open(): void
    {
        $line = @stream_socket_accept($this->door, 0);
        if ($line !== false && count($this->lines) < self::MOST_LINES) {
            stream_set_blocking($line, false);
            $this->lines[(int) $line] = $line;
            $this->begun[(int) $line] = '';
            $this->rigs[(int) $line] = null;
        }
    }

    /** @param  resource  $line */
    private function hear($line): void
    {
        $id = (int) $line;
        $heard = fread($line, self::LONGEST_LINE);
        if ($heard === false || ($heard === '' && feof($line))) {
            $this->hangUp($id);

            return;
        }
        $requests = explode("\n", $this->begun[$id].$heard);
        $this->begun[$id] = (string) array_pop($requests);
        foreach ($requests as $request) {
            $request = rtrim($request, "\r");
            if ($this->talk->isSlow($request)) {
                $this->late[] = [microtime(true) + self::SLOW_S, $id, $request];
            } elseif (isset($this->lines[$id])) {
                $this->reply($id, $request);
            }
        }
        if (strlen($this->begun[$id] ?? '') > self::LONGEST_LINE) {
            $this->hangUp($id);
        }
    }

    private function answerLate(): void
    {
        $due = array_filter($this->late, static fn (array $late): bool => microtime(true) >= $late[0]);
        $this->late = array_values(array_diff_key($this->late, $due));
        foreach ($due as [, $id, $request]) {
            if (isset($this->lines[$id])) {
                $this->reply($id, $request);
            }
        }
    }

    private function reply(int $id, string $request): void
    {
        $answer = $this->talk->answer($request, $this->rigs[$id]);
        if ($answer === null || @fwrite($this->lines[$id], "{$answer}\n") === false) {
            $this->hangUp($id);
        }
    }

    private function hangUp(int $id): void
    {
        if (isset($this->lines[$id])) {
            fclose($this->lines[$id]);
        }
        unset($this->lines[$id], $this->begun[$id], $this->rigs[$id]);
    }
}
