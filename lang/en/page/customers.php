<?php

declare(strict_types=1);

return [
    'index' => [
        'customers' => 'Customers',
        'find' => 'Name or phone',
        'search' => 'Search',
        'new' => 'Add customer',
        'nobody' => 'No customer is kept. Add one from a rig in the log, with their consent.',
        'name' => 'Name',
        'phone' => 'Phone',
        'rigs' => 'Rigs',
    ],
    'edit' => [
        'new' => 'New customer',
        'name' => 'Name',
        'phone' => 'Phone',
        'mail' => 'Mail',
        'agreed' => 'They agree that the shop keeps this.',
        'agreed_on' => 'Agreed :on, asked by :person',
        'for_rig' => 'For :rig',
        'save' => 'Save customer',
        'rigs' => 'Rigs',
        'their_data' => 'Their data',
        'export' => 'Export as a file',
        'erase_lead' => 'Erasing takes away name, phone, mail, notes, calls and photographs, closes private links, and gives jobs and parts that are theirs alone numbers for names. What was measured stays.',
        'sure' => 'I am sure. This cannot be undone.',
        'erase' => 'Erase customer',
    ],
    'rig' => [
        'customer' => 'Customer',
        'nobody' => 'None',
        'save' => 'Save',
        'add' => 'Add customer',
    ],
];
