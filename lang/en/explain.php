<?php

declare(strict_types=1);

/** The explainers: what each shows, what can be taken hold of, what its figures say. */
return [
    'coupling' => [
        'title' => 'What coupling does',
        'about' => 'The ball stands behind the rear axle. Its load presses the rear down and, like a lever over that axle, lifts the front.',
        'says' => 'The rear axle carries :rear_load: the whole tongue weight and what the front loses. The front axle loses :front_load, since the ball stands :lever of the wheelbase behind the rear axle.',
    ],
    'bars' => [
        'title' => 'What bars do',
        'about' => 'Bent bars lever load off the rear axle. As they do, the rig straightens and lets them go: so a link is worth less than it is long.',
        'says' => 'One link takes the bars up :link, but bends them only :bends_more more, since the rig straightens under them. It is worth :worth of the front axle’s lost load.',
    ],
    'shares' => [
        'title' => 'Front, rear and trailer share',
        'about' => 'What comes off the rear axle goes to the front axle and to the trailer’s axles, always in the same proportion.',
        'says' => 'Front and trailer share what the rear loses as :ratio to 1, whatever the setting: a weighbridge ticket that says otherwise has an error in it.',
    ],
    'head-and-tension' => [
        'title' => 'Head height against tension',
        'about' => 'Two goals and two levers. Tension brings the front axle its load back. The height of the head levels the trailer.',
        'says' => 'The front axle has :share of its lost load back. The trailer stands :pitch. Move the head for the trailer, the links for the front: each moves the other a little.',
    ],
    'tape' => [
        'title' => 'Tape error, and why to roll',
        'about' => 'The front rises by less than half an inch. A tape read a little wrong, or springs that stick, can hide all of what the bars do.',
        'says' => 'Coupling lifts this front by :front_rise. Read :off wrong, :truly restored looks like :read. As it is taped here, the share is good to :share_doubt.',
    ],
    'levelling' => [
        'title' => 'Levelling and air',
        'about' => 'Self-levelling and air springs lift the rear, and so slacken the bars. Without bars they move no load at all.',
        'says' => 'Set with it off, the bars restore :share_off. On the road :share_on is left: :lost went when the rear was lifted.',
    ],
    'tongue' => [
        'title' => 'Tongue weight, height and tanks',
        'about' => 'Cargo ahead of the axle presses on the ball, water behind it lifts off. A tongue held higher weighs less, the more so the taller the trailer.',
        'says' => 'Level, the tongue weighs :level, :share of the trailer. As it is coupled, :on_ball stand on the ball.',
    ],
    'sway' => [
        'title' => 'Sway',
        'about' => 'In the order to look: too little on the tongue, a nose that stands up, a light front axle. Friction only damps what is left.',
        'says' => 'The tongue has :share of the trailer’s weight, the trailer stands :pitch, the front axle :front_load. Friction of the bars holds with :friction. None of this makes a speed safe.',
    ],
    'knob' => [
        'tongue' => 'Tongue weight', 'overhang' => 'Rear axle to ball', 'link' => 'Links taken up', 'hole' => 'Head, holes from level', 'off' => 'Read wrong by', 'rolled' => 'Rolled before taping', 'readings' => 'Readings',
        'levelling' => 'Self-levelling on', 'air' => 'Air lifts the rear by', 'cargo' => 'Cargo ahead of the axle', 'water' => 'Water behind the axle', 'hitch' => 'Ball higher by', 'on' => 'yes', 'no' => 'no',
    ],
    'figure' => [
        'front_load' => 'Front axle', 'rear_load' => 'Rear axle', 'front_rise' => 'Front fender', 'rear_rise' => 'Rear fender', 'lever' => 'Overhang over wheelbase', 'bend' => 'Bars bent', 'bar_load' => 'Load of one bar', 'share' => 'Front axle load restored',
        'link' => 'One link', 'bends_more' => 'One link more bends them', 'worth' => 'One link more restores', 'front_gain' => 'To the front axle', 'rear_gain' => 'To the rear axle', 'trailer_gain' => 'To the trailer', 'ratio' => 'Front to trailer',
        'pitch' => 'Trailer', 'ball' => 'Ball against level', 'truly' => 'Truly restored', 'read' => 'As it was read', 'doubt' => 'A height is good to', 'share_doubt' => 'The share is good to', 'front_lost' => 'Front axle, bars off',
        'share_off' => 'Restored, levelling off', 'share_on' => 'Restored on the road', 'lost' => 'Lost on the road', 'level' => 'Tongue weight, level', 'on_ball' => 'On the ball, coupled', 'friction' => 'Friction about the ball',
    ],
    'tongue_share' => 'Tongue share',
    'note' => [
        'slack' => 'The bars hang straight and carry nothing.', 'over' => 'Past full return: the front is heavier than alone. Take tension off.', 'under' => 'Too little: more tension.', 'in_range' => 'In range.',
        'nose_up' => 'Nose-up: lower the head.', 'nose_down' => 'Far nose-down: raise the head.', 'level' => 'The trailer stands level.', 'rolled' => 'Rolled: the springs have settled.', 'not_rolled' => 'Not rolled: the springs stick where they stopped.',
        'levelled' => 'Levelling holds the rear up and slackens the bars.', 'air' => 'The air springs lift the rear and slacken the bars.', 'off' => 'Levelling is off, as the bars are set.',
        'light_tongue' => 'Below 10 %: this invites sway. Move load forward.', 'heavy_tongue' => 'Above 15 %: watch the ratings.', 'usual_tongue' => 'Within the usual 10 to 15 %.',
    ],
    'pitch' => ['up' => ':angle nose-up', 'down' => ':angle nose-down', 'level' => 'level'],
    'links' => ':count',
];
