<?php

declare(strict_types=1);

namespace Yoke\Constraint;

use Yoke\Adjuster\Setting;
use Yoke\Statics\Attitude;

/** Something that a setting must not break: a rating, a clearance, a trailer's attitude. */
interface Constraint
{
    /** Why the setting falls out; null where it does not. */
    public function against(Setting $setting, Attitude $carried): ?Exclusion;
}
