<div class="load-rows">
    @if ($draft->rows !== [])<p class="load-row is-head" aria-hidden="true"><span></span><span>What</span><span>Weight</span><span>On the</span><span>Place</span></p>@endif
    @foreach ($draft->rows as $i => $row)
        @php($says = collect(['name', 'weight', 'on', 'place'])->map(fn ($field) => $draft->problems()["item-{$i}-{$field}"] ?? '')->filter()->implode(' '))
        <div class="load-row">
            <span class="number" aria-hidden="true">{{ $i + 1 }}</span>
            <input name="items[{{ $i }}][name]" value="{{ $row->name }}" aria-label="Load {{ $i + 1 }}, what" autocomplete="off">
            <input name="items[{{ $i }}][weight]" value="{{ $row->weight }}" aria-label="Load {{ $i + 1 }}, weight" autocomplete="off">
            <select name="items[{{ $i }}][on]" aria-label="Load {{ $i + 1 }}, on">
                <option value="vehicle" @selected($row->on === 'vehicle')>vehicle</option>
                <option value="trailer" @selected($row->on === 'trailer')>trailer</option>
            </select>
            <input name="items[{{ $i }}][place]" value="{{ $row->place }}" aria-label="Load {{ $i + 1 }}, place" autocomplete="off">
            <button class="button is-small" name="drop" value="{{ $i }}" aria-label="Leave out {{ $row->name }}">✕</button>
            <input type="hidden" name="items[{{ $i }}][kg]" value="{{ $row->item?->weight->kilograms() }}">
            <input type="hidden" name="items[{{ $i }}][mm]" value="{{ $row->item?->place->millimetres() }}">
            <input type="hidden" name="items[{{ $i }}][drawn]" value="" data-drawn="{{ $i }}">
            <p class="sentence" data-tone="stop" data-row-says="{{ $i }}" role="alert">{{ $says }}</p>
        </div>
    @endforeach
    @foreach ($draft->tanks as $tank)
        <div class="load-row is-tank">
            <label for="fill-{{ $tank->key }}">{{ ucfirst(\App\Words\LoadWords::tank($tank)) }}, {{ $page->plan->print->load($tank->full) }} full</label>
            <input id="fill-{{ $tank->key }}" name="fills[{{ $tank->key }}]" value="{{ $draft->fills[$tank->key] }}" inputmode="decimal" autocomplete="off" aria-describedby="fill-{{ $tank->key }}-says"> <span>% full</span>
            <p class="sentence" id="fill-{{ $tank->key }}-says" data-tone="{{ isset($draft->problems()["fill-{$tank->key}"]) ? 'stop' : 'plain' }}">{{ $draft->problems()["fill-{$tank->key}"] ?? '' }}</p>
        </div>
    @endforeach
    <p class="sentence">A place on the vehicle counts back from its front axle; on the trailer ahead of its axles, behind them below 0. Drag a mark on the drawing, or move it with the arrow keys.</p>
    @if ($draft->tanks === [])<p class="sentence">Tanks show here once the trailer's sheet has their size and place.</p>@endif
</div>
<p class="sentence">Add</p>
<div class="usual">
    @foreach (\Yoke\Loading\UsualItem::cases() as $usual)<button class="button is-small" name="add" value="{{ $usual->value }}">{{ ucfirst(\App\Words\LoadWords::usual($usual)) }}</button>@endforeach
</div>
