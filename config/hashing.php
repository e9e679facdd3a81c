<?php

declare(strict_types=1);

// Somebody without a password of their own has a mark in its place that fits none; asking for it is no fault.
return ['driver' => 'bcrypt', 'bcrypt' => ['rounds' => (int) env('BCRYPT_ROUNDS', 12), 'verify' => false, 'limit' => null], 'rehash_on_login' => true];
