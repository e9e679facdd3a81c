<x-trouble :title="__('page/errors.500.something_went_wrong_in_the')">{{ __('page/errors.500.what_was_saved_before_is') }}</x-trouble>
