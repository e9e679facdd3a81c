<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** Which way the bars have to go, where nobody said what can be set; the value is its key in files. */
enum TensionDirection: string
{
    case More = 'more';
    case Less = 'less';
    case None = 'none';
}
