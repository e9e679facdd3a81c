<table class="ledger">
    <thead><tr><th scope="col">{{ __('page/choice.show.load') }}</th><th scope="col">{{ __('page/choice.show.light') }}</th><th scope="col">{{ __('page/choice.show.heavy') }}</th></tr></thead>
    @php($rows = [])
    @foreach ($draft->tanks() as $tank)
        @php($rows["{$tank->key}_tank"] = __('page/choice.show.percent_full', ['tank' => ucfirst(\App\Words\LoadWords::tank($tank))]))
    @endforeach
    @foreach (\Yoke\Mechanics\Loading\UsualItem::cases() as $item)
        @php($rows[$item->value] = __('page/choice.show.of_each', ['what' => ucfirst(\App\Words\LoadWords::usual($item)), 'weight' => $page->print->about($item->weight())]))
    @endforeach
    @foreach ($rows as $what => $label)
        <tr><th scope="row">{{ $label }}</th>
            @foreach (\App\UseCases\Choice\ChoiceDraft::SEASONS as $season)
                <td><input name="{{ $season }}[{{ $what }}]" value="{{ $draft->fieldOf($season, $what) }}" inputmode="numeric" autocomplete="off" aria-label="{{ __('page/choice.show.load_in', ['what' => $label, 'season' => $season === 'light' ? __('page/choice.show.light') : __('page/choice.show.heavy')]) }}" @if (isset($draft->problems()["{$season}-{$what}"])) aria-invalid="true" @endif></td>
            @endforeach
        </tr>
    @endforeach
</table>
<p class="sentence">{{ __('page/choice.show.besides') }}</p>
