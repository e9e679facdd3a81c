<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Devices\Driver;
use App\Devices\ShownReading;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Yoke\Readings\Device\DeviceKind;
use Yoke\Readings\Device\Exception\UnreadableDevice;
use Yoke\Rig\Stance;

/** One look at a device's display; the browser looks again until it stands still. */
final class Devices
{
    public function read(Request $request, Driver $driver, Job $job, DeviceKind $kind): JsonResponse
    {
        /** @var User $person */
        $person = $request->user();
        $stance = Stance::tryFrom($request->string('stance')->toString()) ?? abort(404);
        try {
            $reading = $driver->read($kind, $job->load('rounds'), $stance);
        } catch (UnreadableDevice $unreadable) {
            return response()->json(['state' => 'trouble', 'says' => $unreadable->getMessage(), 'fields' => (object) []]);
        }
        $shown = new ShownReading($reading, $person);

        return response()->json(['state' => $reading->display->value, 'says' => $shown->says(), 'fields' => (object) ($reading->isSteady() ? $shown->fields() : [])]);
    }
}
