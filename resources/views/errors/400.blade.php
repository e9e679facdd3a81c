<x-trouble :title="__('page/errors.400.this_does_not_read')">{{ __('page/errors.400.expected_plain_text_from') }}</x-trouble>
