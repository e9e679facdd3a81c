@php($assumed = $plan->assumed()->lines())
@if ($assumed !== [])
    <h3 class="assumed">{{ __('assumption.heading') }}</h3>
    <ul class="assumptions" aria-label="{{ __('assumption.list') }}">
        @foreach ($assumed as $line)
            <li><a href="{{ $line['at'] }}">{{ $line['says'] }} <span>@if ($line['worth'] !== '')<strong>{{ $line['worth'] }}</strong> @endif{{ $line['tells'] }}</span></a></li>
        @endforeach
    </ul>
@endif
