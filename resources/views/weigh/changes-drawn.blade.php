@unless ($drawn->isEmpty())
    <svg class="height-curve" viewBox="0 0 {{ $drawn::WIDTH }} {{ $drawn->height() }}" role="img" aria-label="{{ __('weighing.changes_drawn') }}" data-changes-drawn>
        <path class="mark-here" d="M{{ $drawn::ZERO }},0 V{{ $drawn->height() }}" />
        @foreach ($drawn->groups() as $group)
            <text class="mark-says" x="0" y="{{ $group['y'] }}">{{ $group['says'] }}</text>
            @foreach ($group['bars'] as $bar)
                <text x="{{ $drawn::ZERO - 190 }}" y="{{ $bar['y'] + 15 }}" text-anchor="end">{{ $bar['axle'] }}</text>
                <rect class="{{ $bar['class'] }}" fill="var({{ $bar['fill'] }})" x="{{ $bar['x'] }}" y="{{ $bar['y'] + 3 }}" width="{{ $bar['width'] }}" height="16" rx="3" />
                <text class="mark-says" x="{{ $bar['at'] }}" y="{{ $bar['y'] + 15 }}" text-anchor="{{ $bar['anchor'] }}">{{ $bar['says'] }}</text>
            @endforeach
        @endforeach
    </svg>
@endunless
