<?php

declare(strict_types=1);

namespace Yoke\Shop;

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

    /** One of a list. */
    case Choice = 'choice';
}
