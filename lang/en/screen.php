<?php

declare(strict_types=1);

// What pages and answers say that no view lays out.
return [
    'levelling_question' => [
        'down' => 'Jack the coupler down by :length.',
        'up' => 'Jack the coupler up by :length.',
        'coupler_reads' => 'Level, the coupler reads :length.',
        'the_trailer_is_level' => 'The trailer is level.',
    ],
    'save_outcome' => [
        'deleted_by' => ':who deleted this reading at :when, after you opened the page. Yours is not saved yet: save again to record it.',
        'saved_by' => ':who saved :theirs here at :when, after you opened the page. Yours is not saved yet: save again to replace it.',
        'the_earlier_reading_is_deleted' => 'The earlier reading is deleted; it stays in the tape log.',
    ],
    'garage' => [
        'saved_open_jobs_with_it' => 'Saved. Open jobs with it are planned again.',
    ],
    'shelf' => [
        'archived' => ':name is archived; its jobs keep it.',
        'restored' => ':name is in use again.',
        'paired' => ':vehicle and :trailer are paired.',
        'saved_pair_it_in_the' => 'Saved. Pair it in the garage, or start a job with it.',
        'copied_give_it_a_name' => 'Copied. Give it a name of its own.',
        'the_rig_is_archived_its' => 'The rig is archived; its parts and jobs stay.',
        'the_pair_is_at_hand' => 'The pair is at hand again.',
    ],
    'job_files' => [
        'nothing_was_imported' => 'Nothing was imported.',
    ],
    'loads' => [
        'load' => 'Load :number',
        'expected_a_setting_that_this' => 'Expected a setting that this hitch has, and a load state that is saved.',
        'archived_it_stays_in_the' => 'Archived; it stays in the job file.',
        'another_load_state_of_this' => 'Another load state of this rig is called so. Expected a name of its own.',
    ],
    'tongue' => [
        'reading_saved_it_counts_together' => 'Reading saved. It counts together with the tape.',
        'deleted_it_stays_in_the' => 'Deleted; it stays in the log.',
    ],
    'tickets' => [
        'ticket_saved_it_counts_together' => 'Ticket saved. It counts together with the tape.',
        'deleted_it_stays_in_the' => 'Deleted; it stays in the log.',
    ],
    'shop' => [
        'copied' => 'Copied: :file.',
        'restored' => 'The backup is restored. What was here before is kept as :file.',
    ],
    'road_tests' => [
        'road_test_saved' => 'Road test saved.',
    ],
    'past_set_up' => [
        'tongue_weight' => 'Tongue weight',
        'of_gross' => 'Of gross',
        'sway_was_felt_on_the' => 'Sway was felt on the road test.',
        'driven_on_the_road_no' => 'Driven on the road; no sway felt.',
    ],
    'set_up_comparison' => [
        'in_all' => 'For this load, all changes together: :steps.',
        'nothing_on_tongue' => 'nothing on the tongue',
        'on_tongue' => ':load on the tongue',
        'in_the_vehicle' => 'in the vehicle',
        'behind_the_axles' => 'behind the axles',
        'ahead_of_the_axles' => 'ahead of the axles',
        'moved' => ':name moved :way, :where',
        'in_tank' => ':amount in the :name, :where',
        'came_aboard' => ':name, :amount :where, came aboard',
        'left_out' => ':name, :amount :where, left out',
        'heavier' => ':name, :where, :amount heavier',
        'lighter' => ':name, :where, :amount lighter',
        'more' => ':amount more',
        'less' => ':amount less',
        'part_of_one' => ':part of a :one',
        'no_change' => 'no change of the setting',
        'something_else' => 'Something else changed too: look at tyres, springs, brackets and what is aboard.',
        'with_this_load_the_tongue' => 'With this load the tongue would lift off the ball.',
        'load_and_setting_would_leave' => 'Load and setting would leave about :left % of the front axle load restored; the readings say :read ± :doubt %.',
        'the_setting_stayed' => 'The setting stayed.',
        'the_setting_moved' => 'The setting moved: :change.',
    ],
    'rig_log' => [
        'tongue_weight' => 'Tongue weight',
        'front_axle_load_restored' => 'Front axle load restored',
        'front_fender_carried' => 'Front fender, carried',
        'rear_fender_carried' => 'Rear fender, carried',
    ],
    'weigh_page' => [
        'tongue_weight_on_the_ball' => 'Tongue weight on the ball, dropped',
        'tongue_weight_corrected_to_level' => 'Tongue weight, corrected to level',
        'worth_of_one' => 'Worth of one :one',
        'worth_of' => 'Worth of :change',
    ],
    'advice_page' => [
        'tongue_weight' => 'Tongue weight',
        'one_spring_bar' => 'One spring bar',
        'front_fender_alone' => 'Front fender alone',
        'rear_fender_alone' => 'Rear fender alone',
    ],
    'tape_answer' => [
        'saved' => 'Saved :at',
        'not_all_of_it_is' => 'Not all of it is saved',
    ],
    'bench_page' => [
        'some_stances_are_taped_with' => 'Some stances are taped with one height an axle and some left and right: tape all three the same way, or the verdict leans.',
    ],
    'plan_page' => [
        'handed_over_last' => 'Handed over last at :setting (:job, :on): start there while the load is the same.',
        'return_visit' => 'Return visit: start at :start, left at :left last time.',
        'ball_and_coupler_are_of' => 'Ball and coupler are of different sizes: they do not go together.',
    ],
    'load_column' => [
        'gross_trailer_weight' => 'Gross trailer weight',
        'tongue_weight_level' => 'Tongue weight, level',
        'share_of_gross_on_the' => 'Share of gross on the tongue',
        'fenders_alone_front_rear' => 'Fenders alone, front, rear',
        'from_there_to_carried' => 'From there to carried',
        'trailer_carried' => 'Trailer, carried',
    ],
    'sway_page' => [
        'friction_about_the_ball' => 'Friction about the ball',
        'cams_against_the_crown' => 'Cams against the crown',
        'bars_slide_in_a_turn' => 'Bars slide, in a turn of 30°',
    ],
    'care_line' => [
        'days' => ':days days',
        'months' => ':months months',
        'distance_or' => ':distance or ',
        'once' => 'once, :far:time after a set-up',
        'every' => 'every :far:time',
        'over' => ':distance over its distance',
        'about_now' => ':distance left when it was read last; at its pace, about now',
        'in_or_by' => 'in :distance, or by :day',
        'since' => 'since :day',
        'by' => 'by :day',
        'set_up' => 'set up :day',
        'done' => 'done :day',
    ],
    'tongue_page' => [
        'from_readings' => 'from the readings and what is usual of the trailer',
        'from_usual' => 'from what is usual of the trailer: a reading at another height would tell more',
        'slope' => 'With the hitch :higher higher the tongue weighs :change ± :doubt, :from.',
        'centre_of_gravity' => 'Centre of gravity: about :height :doubt above the axles.',
    ],
    'card_page' => [
        'ball_and_shank' => ':height, shank in :turned, hole :hole',
    ],
    'part_card' => [
        'filled' => ':filled of :many filled in',
        'not_paired' => 'not paired yet',
        'rigs' => '{1} 1 rig|[2,*] :count rigs',
        'jobs' => '{0} no jobs|{1} 1 job|[2,*] :count jobs',
    ],
];
