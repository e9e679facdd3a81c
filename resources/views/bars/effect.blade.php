@foreach ($page->cautions() as $caution)<p class="sentence" data-tone="caution">{{ $caution }}</p>@endforeach
@if ($page->first() !== '')
    <div @class(['do-next', 'is-in-range' => $page->isTaped()])>
        <p>{{ $page->first() }}</p>
        @if ($page->worth() !== '')<p class="expected">{{ $page->worth() }}</p>@endif
        @if ($page->comesTo() !== '')<p class="expected">{{ $page->comesTo() }} {{ $page->level() }}</p>@endif
    </div>
@elseif ($page->comesTo() !== '')
    <p class="sentence" data-tone="note">{{ $page->comesTo() }} {{ $page->level() }}</p>
@endif
