<x-trouble :title="__('page/errors.429.too_many_requests')">{{ __('page/errors.429.expected_a_pause_of_a') }}</x-trouble>
