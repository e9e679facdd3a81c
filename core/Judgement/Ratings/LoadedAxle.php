<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

/** An axle that the bars load. */
enum LoadedAxle
{
    case Front;
    case Trailer;
    case OneOfTheTrailer;
}
