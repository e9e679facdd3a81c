@props(['verdict'])
<span data-figure="verdict" class="chip is-{{ str_replace('_', '-', $verdict->value) }}">
    <svg viewBox="0 0 18 18" fill="none" stroke="currentColor" stroke-width="2.6" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true">
        @switch($verdict)
            @case(\Yoke\Judgement\Method\Verdict::InRange)<path d="m3 10 4 4 8-9" />@break
            @case(\Yoke\Judgement\Method\Verdict::TooLittle)<path d="M4 3v12M15 9H5m4-4L5 9l4 4" />@break
            @case(\Yoke\Judgement\Method\Verdict::TooMuch)<path d="M9 3v7M9 14.500v.2" /><path d="m2 9 7-7.500L16 9l-7 7.500z" stroke-width="1.800" />@break
            @default<path d="M3 9h3m2 0h3m2 0h2" />
        @endswitch
    </svg>
    {{ \App\Words\VerdictWords::verdict($verdict) }}
</span>
