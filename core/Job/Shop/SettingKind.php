<?php

declare(strict_types=1);

namespace Yoke\Job\Shop;

/** What a setting of the shop is counted in. */
enum SettingKind: string
{
    /** Of one: said in percent. */
    case Share = 'share';
    case Millimetres = 'mm';
    case Kilograms = 'kg';
    case Degrees = 'degrees';

    /** Of standard deviations. */
    case Deviations = 'deviations';
    case Times = 'times';

    /** A whole number of what its label says. */
    case Whole = 'whole';

    /** One of a list. */
    case Choice = 'choice';
}
