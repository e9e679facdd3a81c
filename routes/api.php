<?php

declare(strict_types=1);

use App\Http\Controllers\Api\ApiDocument;
use App\Http\Controllers\Api\ApiHookUps;
use App\Http\Controllers\Api\ApiJobs;
use App\Http\Controllers\Api\ApiReadings;
use Illuminate\Support\Facades\Route;

// Version 1 of the HTTP interface: resources/schema/openapi-1.json says what each address takes and answers.
Route::middleware('throttle:api')->name('api.')->group(function (): void {
    Route::get('/openapi.json', ApiDocument::class)->name('document');
    Route::middleware('token:jobs:read')->group(function (): void {
        Route::get('/jobs', [ApiJobs::class, 'jobs'])->name('jobs');
        Route::get('/jobs/{job}', [ApiJobs::class, 'job'])->name('job');
        Route::get('/jobs/{job}/card', [ApiJobs::class, 'card'])->name('card');
    });
    Route::middleware('token:rigs:read')->group(function (): void {
        Route::get('/rigs', [ApiJobs::class, 'rigs'])->name('rigs');
        Route::get('/rigs/{rig}', [ApiJobs::class, 'rig'])->name('rig');
    });
    Route::middleware(['token:readings:write', 'once'])->group(function (): void {
        Route::post('/jobs/{job}/heights', [ApiReadings::class, 'heights'])->name('heights');
        Route::post('/jobs/{job}/measures', [ApiReadings::class, 'measures'])->name('measures');
        Route::post('/jobs/{job}/hook-ups', [ApiHookUps::class, 'store'])->name('hook-ups');
        Route::post('/jobs/{job}/hook-ups/count', [ApiHookUps::class, 'count'])->name('hook-ups.count');
        Route::post('/jobs/{job}/tickets', [ApiReadings::class, 'ticket'])->name('ticket');
        Route::post('/jobs/{job}/tickets/{ticket}/withdraw', [ApiReadings::class, 'withdrawTicket'])->name('ticket.withdraw');
        Route::post('/jobs/{job}/tongue-weights', [ApiReadings::class, 'tongue'])->name('tongue');
        Route::post('/jobs/{job}/tongue-weights/{reading}/withdraw', [ApiReadings::class, 'withdrawTongue'])->name('tongue.withdraw');
    });
});
