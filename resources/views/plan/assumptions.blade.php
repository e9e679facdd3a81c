@php($assumed = $plan->assumptions())
@if ($assumed !== [])
    <h3 class="assumed">{{ __('assumption.heading') }}</h3>
    <ul class="assumptions" aria-label="Assumed">
        @foreach ($assumed as [$says, $worth, $part, $label])
            <li><a href="{{ $plan->sheetOf($part) }}">{{ $says }} <span>@if ($worth !== '')<strong>{{ $worth }}</strong> @endif{{ __('assumption.would_tell', ['part' => $part->value, 'label' => $label]) }}</span></a></li>
        @endforeach
    </ul>
@endif
