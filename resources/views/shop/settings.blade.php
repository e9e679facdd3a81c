@php($settings = \Yoke\Job\Shop\ShopSettings::all())
<x-layout :title="__('page/shop.settings.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/shop.settings.title') }}</h1><x-shop-tabs on="settings" /></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        @if ($errors->any())<p class="do-next is-over" role="alert">{{ __('page/shop.settings.some_do_not_read') }}</p>@endif
        <form method="post" action="{{ route('settings.preview') }}" class="settings-form" novalidate data-needs-connection>
            @csrf
            @if ($change)
                <section class="card padded" aria-labelledby="would-change">
                    <h2 class="text-xl" id="would-change">{{ __('page/shop.settings.would_change') }}</h2>
                    @if ($change->changed === [])
                        <p>{{ $change->looked === 0 ? __('page/shop.settings.no_open_job') : trans_choice('page/shop.settings.nothing_on_open_jobs', $change->looked) }}</p>
                    @else
                        <div class="backup-list"><table class="log">
                            <thead><tr><th scope="col">{{ __('page/shop.settings.job') }}</th><th scope="col">{{ __('page/shop.settings.now') }}</th><th scope="col">{{ __('page/shop.settings.then') }}</th></tr></thead>
                            <tbody>@foreach ($change->changed as $one)<tr><th scope="row"><a href="{{ route('jobs.resume', $one['job']) }}">{{ $one['job']->title }}</a></th><td>{{ $one['now'] }}</td><td>{{ $one['then'] }}</td></tr>@endforeach</tbody>
                        </table></div>
                    @endif
                    @if ($change->open > $change->looked)<p class="sentence">{{ __('page/shop.settings.latest_looked_at', ['looked' => $change->looked, 'open' => $change->open]) }}</p>@endif
                    <p class="sentence">{{ __('page/shop.settings.new_ones_only') }}</p>
                    <div class="row-form"><button class="button is-first" formaction="{{ route('settings.store') }}">{{ __('page/shop.settings.save') }}</button><a class="button" href="{{ route('settings') }}">{{ __('page/shop.settings.leave_it') }}</a></div>
                </section>
            @endif
            @foreach (collect($settings)->groupBy(fn ($setting) => $setting->group()) as $group => $members)
                <details class="card setting-group" @if ($loop->first || $members->contains(fn ($setting) => $typed->isChosen($setting->key) || $errors->has(\App\UseCases\Settings\SettingsDraft::field($setting->key)))) open @endif>
                    <summary><h2 class="text-xl">{{ \App\Words\SettingsWords::group($group) }}</h2></summary>
                    <div class="settings-grid">
                        @foreach ($members as $setting)
                            @php($field = \App\UseCases\Settings\SettingsDraft::field($setting->key))
                            <div class="field">
                                <label for="{{ $field }}">{{ \App\Words\SettingsWords::label($setting->key) }}</label>
                                @if ($setting->kind === \Yoke\Job\Shop\SettingKind::Choice)
                                    <select id="{{ $field }}" name="{{ $field }}" aria-describedby="{{ $field }}-says">@foreach ($setting->options as $option)<option value="{{ $option }}" @selected(old($field, $typed->value($setting->key)) === $option)>{{ \App\Words\SettingsWords::option($setting, $option) }}</option>@endforeach</select>
                                @else
                                    <span class="with-unit"><input id="{{ $field }}" name="{{ $field }}" inputmode="decimal" autocomplete="off" value="{{ old($field, \App\Words\SettingsWords::number($setting, $typed->value($setting->key))) }}" aria-describedby="{{ $field }}-says" @error($field) aria-invalid="true" @enderror> <span aria-hidden="true">{{ \App\Words\SettingsWords::unit($setting) }}</span></span>
                                @endif
                                <p class="sentence" id="{{ $field }}-says" @error($field) data-tone="stop" role="alert" @enderror>@error($field){{ $message }}@else{{ \App\Words\SettingsWords::does($setting->key) }} {{ __('page/shop.settings.usual', ['value' => \App\Words\SettingsWords::value($setting, $setting->default)]) }}@enderror</p>
                            </div>
                        @endforeach
                    </div>
                </details>
            @endforeach
            <section class="card padded" aria-labelledby="on-server">
                <h2 class="text-xl" id="on-server">{{ __('page/shop.settings.on_the_server') }}</h2>
                <dl class="server-facts">
                    <dt>{{ __('page/shop.settings.address') }}</dt><dd>{{ config('shop.address') === '' ? __('page/shop.settings.as_asked') : config('shop.address') }}</dd>
                    <dt>{{ __('page/shop.settings.second_folder') }}</dt><dd>{{ config('shop.backups_second') === '' ? __('page/shop.settings.none') : __('page/shop.settings.is_set') }}</dd>
                    <dt>{{ __('page/shop.settings.passphrase') }}</dt><dd>{{ config('shop.backup_passphrase') === '' ? __('page/shop.settings.none') : __('page/shop.settings.is_set') }}</dd>
                    <dt>{{ __('page/shop.settings.mail') }}</dt><dd>{{ in_array(config('mail.default'), ['log', 'array'], true) ? __('page/shop.settings.none') : __('page/shop.settings.is_set') }}</dd>
                </dl>
                <p class="sentence">{{ __('page/shop.settings.set_by_whoever_runs_it') }}</p>
            </section>
            <div class="settings-foot"><button class="button is-first">{{ __('page/shop.settings.see_first') }}</button></div>
        </form>
        @if ($history !== [])
            <section class="card overflow-x-auto" aria-labelledby="history"><h2 class="text-xl padded" id="history">{{ __('page/shop.settings.history') }}</h2><table class="log"><tbody>
                @foreach ($history as $one)
                    @if ($setting = $settings[$one['key']] ?? null)<tr><td class="is-date">{{ \Illuminate\Support\Facades\Date::parse($one['at'])->isoFormat('D MMM YYYY HH:mm') }}</td><td>{{ $one['who'] }}</td><th scope="row">{{ \App\Words\SettingsWords::label($one['key']) }}</th><td>{{ $one['value'] === null ? __('page/shop.settings.usual_again', ['value' => \App\Words\SettingsWords::value($setting, $setting->default)]) : \App\Words\SettingsWords::value($setting, $one['value']) }}</td></tr>@endif
                @endforeach
            </tbody></table></section>
        @endif
    </main>
</x-layout>
