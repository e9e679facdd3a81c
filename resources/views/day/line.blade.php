<svg class="day-svg" viewBox="0 0 {{ $page->width() }} {{ $page->height() }}" role="group" aria-label="{{ __('page/day.show.line') }}" data-day>
    @foreach ($page->hours() as $hour => $x)<line class="hour" x1="{{ $x }}" x2="{{ $x }}" y1="26" y2="{{ $page->height() }}" /><text class="hour-number" x="{{ $x }}" y="20" text-anchor="{{ $loop->last ? 'end' : 'middle' }}">{{ $hour }}</text>@endforeach
    @foreach ($page->bays() as $row => $bay)<text class="bay-name" x="4" y="{{ 26 + 64 * $row + 37 }}">{{ __('page/day.show.bay_number', ['bay' => $bay]) }}</text>@endforeach
    @foreach ($page->cells() as $cell)<rect class="cell" x="{{ $cell['x'] }}" y="{{ $cell['y'] }}" width="{{ $cell['width'] }}" height="64" data-at="{{ \App\Words\DayWords::clock($cell['minute']) }}" data-bay="{{ $cell['bay'] }}" />@endforeach
    @foreach ($page->drawn() as $one)
        <g @class(['slot', 'is-late' => $one['late'], 'is-clash' => $one['clash'], 'is-done' => $one['slot']->state === \Yoke\Workshop\Day\SlotState::Done]) tabindex="0" role="button" aria-label="{{ __('page/day.show.at_bay', ['title' => $one['job']->title, 'at' => \App\Words\DayWords::clock($one['slot']->start), 'bay' => $one['slot']->bay]) }}" data-job="{{ $one['job']->id }}" data-at="{{ \App\Words\DayWords::clock($one['slot']->start) }}" data-bay="{{ $one['slot']->bay }}">
            <line class="latest" x1="{{ $one['x'] }}" x2="{{ $one['latest'] }}" y1="{{ $one['y'] + 58 }}" y2="{{ $one['y'] + 58 }}" />
            <rect x="{{ $one['x'] }}" y="{{ $one['y'] + 6 }}" width="{{ $one['width'] }}" height="46" rx="8" />
            <svg x="{{ $one['x'] }}" y="{{ $one['y'] + 6 }}" width="{{ $one['width'] - 6 }}" height="46"><text x="10" y="31">{{ $one['job']->title }}</text></svg>
        </g>
    @endforeach
    @if ($page->now() !== null)<line class="now" x1="{{ $page->now() }}" x2="{{ $page->now() }}" y1="26" y2="{{ $page->height() }}" />@endif
</svg>
