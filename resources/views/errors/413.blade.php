<x-trouble :title="__('page/errors.413.too_large')">{{ __('page/errors.413.expected_a_form_of') }}</x-trouble>
