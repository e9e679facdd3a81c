<x-trouble :title="__('page/errors.403.no_access')">{{ __('page/errors.403.you_are_signed_in_but') }}</x-trouble>
