<?php

declare(strict_types=1);

namespace Yoke\Judgement\Constraint;

use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Setting;

/** Something that a setting must not break: a rating, a clearance, a trailer's attitude. */
interface Constraint
{
    /** Why the setting falls out; null where it does not. */
    public function against(Setting $setting, Attitude $carried): ?Exclusion;
}
