<div class="load-rows">
    @if ($draft->rows !== [])<p class="load-row is-head" aria-hidden="true"><span></span><span>{{ __('page/loads.rows.what') }}</span><span>{{ __('page/loads.rows.weight') }}</span><span>{{ __('page/loads.rows.on_the') }}</span><span>{{ __('page/loads.rows.place') }}</span></p>@endif
    @foreach ($draft->rows as $i => $row)
        @php($says = collect(['name', 'weight', 'on', 'place'])->map(fn ($field) => $draft->problems()["item-{$i}-{$field}"] ?? '')->filter()->implode(' '))
        <div class="load-row">
            <span class="number" aria-hidden="true">{{ $i + 1 }}</span>
            <input name="items[{{ $i }}][name]" value="{{ $row->name }}" aria-label="{{ __('page/loads.rows.load_what', ['i' => $i + 1]) }}" autocomplete="off">
            <input name="items[{{ $i }}][weight]" value="{{ $row->weight }}" aria-label="{{ __('page/loads.rows.load_weight', ['i' => $i + 1]) }}" autocomplete="off">
            <select name="items[{{ $i }}][on]" aria-label="{{ __('page/loads.rows.load_on', ['i' => $i + 1]) }}">
                <option value="vehicle" @selected($row->on === 'vehicle')>{{ __('page/loads.rows.vehicle') }}</option>
                <option value="trailer" @selected($row->on === 'trailer')>{{ __('page/loads.rows.trailer') }}</option>
            </select>
            <input name="items[{{ $i }}][place]" value="{{ $row->place }}" aria-label="{{ __('page/loads.rows.load_place', ['i' => $i + 1]) }}" autocomplete="off">
            <button class="button is-small" name="drop" value="{{ $i }}" aria-label="{{ __('page/loads.rows.leave_out', ['row' => $row->name]) }}">✕</button>
            <input type="hidden" name="items[{{ $i }}][kg]" value="{{ $row->item?->weight->kilograms() }}">
            <input type="hidden" name="items[{{ $i }}][mm]" value="{{ $row->item?->place->millimetres() }}">
            <input type="hidden" name="items[{{ $i }}][drawn]" value="" data-drawn="{{ $i }}">
            <p class="sentence" data-tone="stop" data-row-says="{{ $i }}" role="alert">{{ $says }}</p>
        </div>
    @endforeach
    @foreach ($draft->tanks as $tank)
        <div class="load-row is-tank">
            <label for="fill-{{ $tank->key }}">{{ __('page/loads.rows.full', ['tank' => ucfirst(\App\Words\LoadWords::tank($tank)), 'full' => $page->plan->print->load($tank->full)]) }}</label>
            <input id="fill-{{ $tank->key }}" name="fills[{{ $tank->key }}]" value="{{ $draft->fills[$tank->key] }}" inputmode="decimal" autocomplete="off" aria-describedby="fill-{{ $tank->key }}-says"> <span>{{ __('page/loads.rows.full_2') }}</span>
            <p class="sentence" id="fill-{{ $tank->key }}-says" data-tone="{{ isset($draft->problems()["fill-{$tank->key}"]) ? 'stop' : 'plain' }}">{{ $draft->problems()["fill-{$tank->key}"] ?? '' }}</p>
        </div>
    @endforeach
    <p class="sentence">{{ __('page/loads.rows.a_place_on_the_vehicle') }}</p>
    @if ($draft->tanks === [])<p class="sentence">{{ __('page/loads.rows.tanks_show_here_once_the') }}</p>@endif
</div>
<p class="sentence">{{ __('page/loads.rows.add') }}</p>
<div class="usual">
    @foreach (\Yoke\Mechanics\Loading\UsualItem::cases() as $usual)<button class="button is-small" name="add" value="{{ $usual->value }}">{{ ucfirst(\App\Words\LoadWords::usual($usual)) }}</button>@endforeach
</div>
