<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Devices\Driver;
use App\Devices\ShownReading;
use App\Http\Requests\Asked;
use App\Models\Job;
use App\Words\ExpectedWords;
use Illuminate\Http\JsonResponse;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Rig\Parts\Stance;

/** One look at a device's display; the browser looks again until it stands still. */
final class Devices
{
    public function read(Asked $request, Driver $driver, Job $job, DeviceKind $kind): JsonResponse
    {
        $person = $request->person();
        $stance = $request->choice('stance', Stance::class) ?? abort(404);
        try {
            $reading = $driver->read($kind, $job->load('rounds'), $stance);
        } catch (UnreadableDevice $unreadable) {
            return response()->json([
                'state' => 'trouble',
                'says' => ExpectedWords::of($unreadable->expected()),
                'fields' => (object) [],
            ]);
        }
        $shown = new ShownReading($reading, $person);

        return response()->json([
            'state' => $reading->display->value,
            'says' => $shown->says(),
            'fields' => (object) ($reading->isSteady() ? $shown->fields() : []),
        ]);
    }
}
