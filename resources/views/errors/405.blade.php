<x-trouble :title="__('page/errors.405.nothing_to_open_here')">{{ __('page/errors.405.this_address_takes_a_form') }}</x-trouble>
