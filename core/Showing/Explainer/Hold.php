<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** Where on the drawing a knob is taken hold of, and dragged: upward is more, or along the trailer. */
enum Hold: string
{
    case Nowhere = 'nowhere';
    /** The ends of the bars, up and down. */
    case BarEnd = 'bar-end';
    /** The head on its shank, up and down. */
    case Head = 'head';
    /** Something in the trailer, along it. */
    case Load = 'load';
    /** The water in a tank, up and down. */
    case Tank = 'tank';
    /** The coupler pressing on the ball, down and up. */
    case Ball = 'ball';
}
