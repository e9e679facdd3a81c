<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** What there is to do next; the value is its key in files. */
enum Action: string
{
    case Set = 'set';
    case Stop = 'stop';
    case ReadAgain = 'read_again';
    case Cannot = 'cannot';
}
