@php($assumed = $plan->assumptions())
@if ($assumed !== [])
    <h3 class="assumed">{{ __('assumption.heading') }}</h3>
    <ul class="assumptions" aria-label="Assumed">
        @foreach ($assumed as [$says, $worth, $at, $tells])
            <li><a href="{{ $at }}">{{ $says }} <span>@if ($worth !== '')<strong>{{ $worth }}</strong> @endif{{ $tells }}</span></a></li>
        @endforeach
    </ul>
@endif
