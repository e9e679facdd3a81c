<x-trouble :title="__('page/errors.419.your_sign_in_has_ended')">{{ __('page/errors.419.nothing_was_saved_go_back') }}</x-trouble>
