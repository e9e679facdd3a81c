@if ($judged->chances)
        <div class="chances" role="img" aria-label="Chances: {{ $judged->chances->inWords() }}">
            @foreach ($judged->chances->percents() as $class => $percent)
                @if ($percent > 0)
                    <span class="is-{{ strtok($class, ' ') }}" style="flex: {{ $percent }} 1 0">{{ $percent >= 12 ? "{$class} {$percent} %" : '' }}</span>
                @endif
            @endforeach
        </div>
    @endif
