@php($assumed = $plan->assumed()->lines())
@if ($assumed !== [])
    <h3 class="assumed">{{ __('assumption.heading') }}</h3>
    <ul class="assumptions" aria-label="{{ __('assumption.list') }}">
        @foreach ($assumed as $line)
            <li><a href="{{ $line['at'] }}">{{ $line['says'] }} <span>@if ($line['worth'] !== '')<strong>{{ $line['worth'] }}</strong> @endif{{ $line['tells'] }}</span></a></li>
        @endforeach
    </ul>
@endif
@php($used = $plan->assumed()->experience())
@if ($used !== [])
    <h3 class="assumed">{{ __('assumption.experience') }}</h3>
    <ul class="reasons" aria-label="{{ __('assumption.experience') }}">@foreach ($used as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
@endif
