<?php

declare(strict_types=1);

// The gauge in a head whose screw tensions the bars.
return [
    'head' => '{0} Bolt the head :place, no hole showing above it: the ball then stands :height above the ground.|{1} Bolt the head :place, one hole showing above it: the ball then stands :height above the ground.|[2,*] Bolt the head :place, :count holes showing above it: the ball then stands :height above the ground.',
    'bolted' => 'Last recorded: :place, on :job.',
    'title' => 'Gauge in the head',
    'target' => 'Target at the gauge',
    'range' => ':from to :to',
    'restores' => 'Restores about :share of the front axle load.',
    'makers_restores' => 'The maker\'s figure; restores about :share of the front axle load.',
    'computed' => 'From the tongue weight, :tongue, and three lengths: rear axle to ball :overhang, ball to hook-up point :arm, ball to trailer axle :axle.',
    'makers' => 'The figure of the hitch maker, which governs. Ours would be :ours.',
    'makers_field' => 'Figure of the maker',
    'makers_hint' => 'From the app or sheet of the maker; it governs where it is entered.',
    'tongue' => 'Bars off, the gauge shows the tongue weight: :tongue. Target with the bars on: :target.',
    'restored' => 'Front axle load restored: :share. :move',
    'at_target' => 'The gauge is at its target: leave the screw.',
    'tighter' => 'Turn the screw :turns tighter.',
    'looser' => 'Let the screw go by :turns.',
    'order' => [
        'grease' => 'Grease the screw.',
        'jack' => 'Raise the jack clear of the ground.',
        'turn' => 'Turn, and watch the gauge.',
    ],
    'minute' => 'No new hook-up: about a minute.',
    'shows' => 'Gauge shows',
    'turned' => 'Turned since the last reading',
    'turned_hint' => 'Turns tighter; let go is below 0. Leave empty where it was not turned.',
    'save' => 'Save gauge reading',
    'past_the_rating' => 'This target loads each bar to about :bar, past its rating of :rating. Do not turn so far: check the figure, the tongue weight and the bars.',
    'below_the_tongue' => 'The target, :target, is less than the ball carries with no bars at all. Check the figure and its unit.',
    'less_loaded' => 'The gauge reads less with the bars on, :on, than with them off, :off. Bars add load between ball and coupler. Is the jack right up, and were both read bars off and bars on?',
    'another_load' => 'The maker\'s figure, :figure, was given for another vehicle, trailer or load. Ask its table anew for this one; until then ours is the target.',
    'past_full_return' => 'At this target the front axle would carry more than alone: about :share restored. More than its full return takes load off the rear axle, which steadies the rig. Check the figure against the sheets of hitch and vehicle.',
    'today' => [
        'heading' => 'The gauge today',
        'how' => 'The tongue weighs otherwise at every departure. Coupled, jack up, bars off: read the gauge.',
        'shows' => 'Gauge shows, bars off',
        'target' => 'Bars on, turn to about',
        'makers' => 'By the tongue weight and this rig\'s lengths. Where the hitch maker gives a figure for this load, follow the maker.',
    ],
];
