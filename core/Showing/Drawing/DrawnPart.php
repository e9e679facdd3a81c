<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** What a figure of the drawing stands for; the view chooses its look by it. */
enum DrawnPart: string
{
    case Body = 'body';
    case Glass = 'glass';
    case Trim = 'trim';
    case Frame = 'frame';
    case Bar = 'bar';
    case Chain = 'chain';
    case Hole = 'hole';
    case Link = 'link';
}
