<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

/** What a load is to its rating: one word for it on every page, card and file. The value is its key in words. */
enum RatingState: string
{
    case Kept = 'kept';

    /** Outside, but not as the rig is driven: with the bars still off, or below a range that is no limit. */
    case Caution = 'caution';

    /** Over a rating as the rig is driven. */
    case Over = 'over';

    /** The rating is not known. */
    case Unknown = 'unknown';
}
