@if ($hookUps === null)
<p class="sentence">{{ __('verdict.family_unsaid') }}</p>
@else
@php($map = $hookUps->map())
<div class="setting-map" tabindex="0" aria-label="{{ __('page/bench.tab-settings.settings_and_their_chances') }}">
    <table>
        <caption>{{ __('page/bench.tab-settings.chance_in_range_by_setting') }}</caption>
        <thead><tr><th scope="col">{{ $map['across'] }}</th>@foreach ($map['columns'] as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
        @foreach ($map['rows'] as $row)
            <tr>
                <th scope="row">{{ $row['says'] }}</th>
                @foreach ($row['cells'] as $cell)
                    <td><a href="?{{ http_build_query(['try' => $cell['steps']] + $page->look->query(\App\Screens\Bench\Tab::Settings)) }}" @class(["chance-{$cell['percent']}", 'is-out' => $cell['excluded'] !== '', 'is-on' => $cell['on'], 'is-best' => $cell['best'], 'is-tried' => $cell['tried']]) title="{{ $cell['excluded'] !== '' ? ucfirst($cell['excluded']) : ($cell['on'] ? __('page/bench.tab-settings.current_setting') : '') }}"><span class="sr-only">{{ $cell['says'] }}: </span>{{ $cell['percent'] >= 100 ? '>99' : $cell['percent'] }}<span class="sr-only"> %{{ $cell['excluded'] !== '' ? __('page/bench.tab-settings.ruled_out', ['why' => $cell['excluded']]) : '' }}</span></a></td>
                @endforeach
            </tr>
        @endforeach
    </table>
</div>
<p class="plot-key"><span><i class="swatch is-on"></i>{{ __('page/bench.tab-settings.on_the_rig') }}</span><span><i class="swatch is-best"></i>{{ __('page/bench.tab-settings.recommended') }}</span><span><i class="swatch is-out"></i>{{ __('page/bench.tab-settings.ruled_out') }}</span></p>
@endif
