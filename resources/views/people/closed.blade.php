<x-trouble :title="__('page/people.closed.title')">{{ __('page/people.closed.ask_for_another') }}</x-trouble>
