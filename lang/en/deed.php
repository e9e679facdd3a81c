<?php

declare(strict_types=1);

// What the record of deeds says, by deed.
return [
    'nothing' => 'nothing',
    'role' => ['owner' => 'owner', 'fitter' => 'fitter', 'desk' => 'desk'],
    'signed-in' => 'Signed in from :address.',
    'sign-in-slowed' => 'Sign-in as :email from :address was slowed: too many tries.',
    'session-ended' => ':name was signed out of other devices.',
    'password-changed' => 'New password for :name.',
    'invited' => 'Invited :name as :role.',
    'joined' => ':name came in as :role.',
    'reset-link-made' => 'Made :name a link to choose a password.',
    'role-changed' => ':name is :role.',
    'left' => ':name left.',
    'job-exported' => 'Exported job :job, :title.',
    'shop-exported' => 'Took the backup :file off the server.',
    'job-imported' => 'Imported :file: :title, :readings readings.',
    'backed-up' => 'Backed up to :file.',
    'restored' => 'Restored :file. What was here before is kept in :kept.',
    'card-shared' => 'Made a private link to the card of job :job.',
    'card-revoked' => 'Revoked a private link to the card of job :job.',
    'rating-changed' => ':part, :field: :from to :to.',
    'setting-changed' => ':change',
    'token-made' => 'Made the token :token for programs.',
    'token-revoked' => 'Revoked the token :token.',
    'customer-exported' => 'Exported the data of customer :customer.',
    'customer-erased' => 'Erased customer :customer.',
];
