<?php

declare(strict_types=1);

// What commands print.
return [
    'rigs_played' => ':played of :rigs rigs, :seconds s',
    'worlds' => 'Expected --world=plain, moderate or full, and :given is none.',
    'troubles' => 'Expected --trouble=slip:dropped:rear (alone, dropped or carried; front or rear), miscount, levered, person, dip, jack, creep, tyres, other-side, reversed, swapped or sticky-tape, and :given is none.',
    'devices' => 'The devices answer at :host::port.',
    'kept' => 'Not known here, kept and handed on: :pointer',
    'restored' => 'The shop is restored from :file. What was here before is kept in :kept.',
    'learned' => 'Learned from :jobs finished jobs.',
    'swept' => 'Taken away: :files files of the cache.',
    'pruned' => 'Taken away, newer ones stand for it: :file',
    'restorable' => ':file is whole and can be restored.',
    'backed_up' => 'The shop is in :file.',
    'no_such_job' => 'Expected the number or the mark of a job, and :asked is none.',
    'not_writable' => 'Expected a file that can be written, and :file is none.',
    'if_exists' => 'Expected --if-exists=merge, copy or stop.',
    'name_and_email' => 'Expected a name in plain text, an email address, and of roles owner, fitter or desk.',
    'owner_code' => 'The shop waits for its owner: open :address/first-owner and type the code :code',
    'has_people' => 'This shop has its people: an owner invites others on the page People.',
    'how_many' => 'Expected at least one job, and at least four readings a job.',
    'not_fresh' => 'This shop has jobs of its own: expected the demo workshop, fresh.',
];
