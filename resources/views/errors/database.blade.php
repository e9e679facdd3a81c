<x-trouble :title="__('page/errors.database.nothing_can_be_read_or')">
    <strong>{{ $words }}</strong> {{ __('page/errors.database.what_was_saved_before_is') }}
</x-trouble>
