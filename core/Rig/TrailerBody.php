<?php

declare(strict_types=1);

namespace Yoke\Rig;

/** The shape of the trailer; its value is its name on a label. */
enum TrailerBody: string
{
    case Box = 'box';
    case Caravan = 'caravan';
    case PopUp = 'pop-up';
    case Tall = 'tall';
}
