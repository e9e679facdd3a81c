<?php

declare(strict_types=1);

/*
 * The demo jobs: which rig, how many days ago, the share of front load that the bars truly put back,
 * which stances are taped and by whom, the settings tried in order (steps: more is tighter; the share is of the last),
 * and
 * which other stations are closed; what was weighed (stance, round), and the tongue at which coupler heights (mm) by
 * what;
 * what travelled, by load state, and which set-up it comes back from; whether the bars were taped before anything was
 * coupled.
 */

$toHead = ['brief', 'ground', 'head', 'brackets'];
$all = [...$toHead, 'prove', 'sway-control', 'hook-up-checks', 'road-test', 'hand-over'];

return [
    [
        'rig' => 'seed library',
        'title' => 'Seed library, spring set-up',
        'days_ago' => 214,
        'share' => 0.65,
        'aboard' => 'As weighed',
        'taped' => ['alone', 'dropped', 'carried'],
        'trials' => [['link' => 4.0, 'washer' => 3.0, 'head' => 2.0]],
        'by' => 'ibby',
        'rolled' => true,
        'closed' => $all,
    ],
    [
        'rig' => 'planetarium',
        'title' => 'Planetarium, new hitch',
        'days_ago' => 0,
        'share' => 0.74,
        'taped' => ['alone', 'dropped', 'carried'],
        'trials' => [['link' => 3.0, 'washer' => 3.0, 'head' => 2.0], ['link' => 4.5, 'washer' => 3.0, 'head' => 2.0]],
        'by' => 'wren',
        'rolled' => true,
        'closed' => $all,
        'slip_mm' => 12.7,
        'weighed' => [['alone', 1], ['dropped', 1], ['carried', 1], ['carried', 2]],
    ],
    [
        'rig' => 'bell tower',
        'title' => 'Bell tower, came in front-low',
        'days_ago' => 1,
        'share' => 1.42,
        'taped' => ['carried', 'dropped', 'alone'],
        'trials' => [['link' => 5.0, 'head' => 2.0]],
        'by' => 'wren',
        'rolled' => true,
        'closed' => ['brief', 'ground'],
        'bars' => 'skipped',
        'tongue' => [[433, 'bathroom_scale'], [483, 'bathroom_scale'], [533, 'bathroom_scale'], [583, 'lever']],
    ],
    [
        'rig' => 'seed library',
        'title' => 'Seed library, heavier shelves',
        'days_ago' => 0,
        'share' => 0.44,
        'taped' => ['alone', 'dropped', 'carried'],
        'trials' => [['link' => 4.0, 'washer' => 3.0, 'head' => 2.0]],
        'by' => 'ibby',
        'rolled' => false,
        'closed' => ['brief', 'ground'],
        'aboard' => 'Heavier shelves',
        'comes_back_from' => 'Seed library, spring set-up',
    ],
    [
        'rig' => 'glassblowing stage',
        'title' => 'Glassblowing stage, first set-up',
        'days_ago' => 0,
        'share' => 0.72,
        'taped' => ['alone', 'dropped'],
        'by' => 'wren',
        'rolled' => true,
        'closed' => $toHead,
        'bars' => 'taped',
    ],
    [
        'rig' => 'puppet theatre',
        'title' => 'Puppet theatre, first set-up',
        'days_ago' => 0,
        'share' => 0.7,
        'taped' => [],
        'by' => 'wren',
        'rolled' => false,
        'closed' => [],
    ],
    [
        'rig' => 'seed library',
        'title' => 'Seed library, first set-up',
        'days_ago' => 402,
        'share' => 0.78,
        'taped' => ['alone', 'dropped', 'carried'],
        'trials' => [['link' => 4.0, 'washer' => 3.0, 'head' => 2.0], ['link' => 4.5, 'washer' => 3.0, 'head' => 2.0]],
        'by' => 'ibby',
        'rolled' => true,
        'closed' => $all,
        'aboard' => 'Weekend',
    ],
];
