<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\DeviceServer;
use App\Devices\DeviceTalk;
use App\Devices\SimulatedYard;
use App\Words\Text;
use Illuminate\Console\Command;
use RuntimeException;
use Symfony\Component\Console\Command\Command as Exit_;

final class Devices extends Command
{
    protected $signature = 'yoke:devices {--host= : Address to serve at} {--port= : Port to serve at} '.
        '{--while= : End with the process of this number}';

    protected $description = 'Serve the simulated weighbridge, gauges and sensors of the yard';

    public function handle(SimulatedYard $yard): int
    {
        $host = is_string($this->option('host')) ? $this->option('host') : (string) config('devices.host');
        $port = is_numeric($this->option('port')) ? (int) $this->option('port') : (int) config('devices.port');
        try {
            $server = new DeviceServer(
                new DeviceTalk($yard, static fn (): float => hrtime(true) / 1e9),
                $host,
                $port,
            );
        } catch (RuntimeException $taken) {
            $this->error($taken->getMessage());

            return Exit_::FAILURE;
        }
        $this->info(Text::of('command.devices', ['host' => $host, 'port' => $port]));
        $parent = is_numeric($this->option('while')) ? (int) $this->option('while') : null;
        $server->serve(static fn (): bool => $parent === null || file_exists("/proc/{$parent}"));

        return Exit_::SUCCESS;
    }
}
