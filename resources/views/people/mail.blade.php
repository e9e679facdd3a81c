{{ __('page/people.mail.hello', ['name' => $name]) }}

{{ __('page/people.mail.choose') }}

{!! $link !!}

{{ __('page/people.mail.not_you') }}
