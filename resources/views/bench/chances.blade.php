<div class="chances" role="img" aria-label="{{ \App\Words\VerdictWords::chances($verdict->chances) }}">
    @foreach ($verdict->chances->percents() as $class => $percent)
        @if ($percent > 0)
            <span class="is-{{ str_replace('_', '-', $class) }}" style="flex: {{ $percent }} 1 0">{{ $percent >= 18 ? __("verdict.{$class}").' '.\App\Words\VerdictWords::chance($percent) : ($percent >= 8 ? \App\Words\VerdictWords::chance($percent) : '') }}</span>
        @endif
    @endforeach
</div>
