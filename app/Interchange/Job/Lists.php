<?php

declare(strict_types=1);

namespace App\Interchange\Job;

/** The lists of a job file, and the tables that they are kept in. */
final class Lists
{
    /**
     * Of a job: name in the file => its table and the columns that hold JSON. What stands later may point to what
     * stands before.
     */
    public const OF_JOB = [
        'stations' => ['station_marks', []],
        'rounds' => ['rounds', ['setting']],
        'readings' => ['readings', []],
        'measures' => ['measures', []],
        'tickets' => ['tickets', ['platforms', 'conditions']],
        'tongue_readings' => ['tongue_readings', ['typed']],
        'checks' => ['checks', []],
        'procedure_runs' => ['procedure_runs', ['answers']],
        'road_tests' => ['road_tests', ['typed', 'felt']],
        'torques' => ['torques', []],
        'bar_tapings' => ['bar_tapings', ['typed', 'setting']],
        'photos' => ['photos', []],
    ];

    public const OF_RIG = [
        'load_states' => ['load_states', ['items', 'fills', 'setting']],
        'care' => ['care_records', []],
    ];

    /** Of a procedure run. */
    public const STEPS = ['procedure_steps', []];

    /** Columns that hold yes or no. */
    public const FLAGS = ['as_weighed', 'each_side', 'arrived_coupled', 'is_counted'];

    /** JSON columns that hold a list; the others hold an object. */
    public const LISTS = ['items', 'platforms', 'conditions'];

    public const PARTS = ['vehicle' => 'vehicles', 'trailer' => 'trailers', 'hitch' => 'hitches'];
}
