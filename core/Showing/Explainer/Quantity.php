<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** What a figure is: how it is said is for the edge. */
enum Quantity: string
{
    case Load = 'load';
    case LoadChange = 'load-change';
    case Length = 'length';
    case HeightChange = 'height-change';
    case Share = 'share';
    case Degrees = 'degrees';
    case Times = 'times';
    case Links = 'links';
    case Holes = 'holes';
    case Switched = 'switched';
    case Torque = 'torque';
    case Count = 'count';
}
