<?php

declare(strict_types=1);

// What a rig stands in and on, and what a photo of it shows.
return [
    'stance' => ['alone' => 'alone', 'dropped' => 'dropped', 'carried' => 'carried'],
    'axle' => ['front' => 'front', 'rear' => 'rear'],
    'photo' => ['placard' => 'Placard', 'link_mark' => 'Link mark', 'washers' => 'Washers', 'other' => 'Other'],
];
