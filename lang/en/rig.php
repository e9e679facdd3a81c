<?php

declare(strict_types=1);

// What a rig stands in and on, and what a photo of it shows.
return [
    'pair' => ':vehicle with :trailer',
    'stance' => ['alone' => 'alone', 'dropped' => 'dropped', 'carried' => 'carried'],
    'axle' => ['front' => 'front', 'rear' => 'rear'],
    'weighed' => ['front' => 'front', 'rear' => 'rear', 'trailer' => 'trailer'],
    'photo' => ['placard' => 'Placard', 'link_mark' => 'Link mark', 'washers' => 'Washers', 'other' => 'Other'],
];
