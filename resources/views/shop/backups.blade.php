<x-layout :title="__('page/shop.backups.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/shop.backups.title') }}</h1><x-shop-tabs on="shop" /><form method="post" data-needs-connection action="{{ route('shop.make') }}">@csrf<button class="button is-first">{{ __('page/shop.backups.back_up_now') }}</button></form></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        @foreach (['file', 'passphrase'] as $field)@error($field)<p class="do-next is-over" role="alert">{{ $message }}</p>@enderror @endforeach
        <p class="sentence">{{ __('page/shop.backups.one_file_with_everything', ['at' => $at]) }} {{ $second === '' ? __('page/shop.backups.no_second_folder') : __('page/shop.backups.second_folder') }} {{ $isEncrypted ? __('page/shop.backups.encrypted') : __('page/shop.backups.not_encrypted') }}</p>
        @if ($backups === [])
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/shop.backups.no_backup_yet') }}</p></div>
        @else
            <form method="post" data-needs-connection class="card padded" id="export">
                @csrf
                <div class="backup-list"><table class="log">
                    <thead><tr><th scope="col">{{ __('page/shop.backups.backup') }}</th><th scope="col">{{ __('page/shop.backups.made') }}</th><th scope="col">{{ __('page/shop.backups.size') }}</th><th scope="col"></th></tr></thead>
                    <tbody>
                        @foreach ($backups as $one)
                            <tr>
                                <td>{{ $one['name'] }}</td>
                                <td>{{ date('j M Y H:i', $one['at']) }}</td>
                                <td>{{ __('page/shop.backups.mb', ['bytes' => number_format($one['bytes'] / 1e6, 1)]) }}</td>
                                <td><div class="row-form"><button class="button is-small" formaction="{{ route('shop.download', $one['name']) }}" aria-label="{{ __('page/shop.backups.export_it', ['name' => $one['name']]) }}">{{ __('page/shop.backups.export') }}</button><button class="button is-small" formaction="{{ route('shop.prepare') }}" name="name" value="{{ $one['name'] }}" aria-label="{{ __('page/shop.backups.restore_it', ['name' => $one['name']]) }}">{{ __('page/shop.backups.restore') }}</button></div></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
                <fieldset class="export-how">
                    <legend>{{ __('page/shop.backups.when_exporting') }}</legend>
                    <label class="tick"><input type="checkbox" name="with_passwords" value="1"> {{ __('page/shop.backups.with_passwords') }}</label>
                    <x-asked name="passphrase" type="password" autocomplete="new-password" :label="__('page/shop.backups.passphrase')" />
                    <x-asked name="passphrase_again" type="password" autocomplete="new-password" :label="__('page/shop.backups.passphrase_again')" />
                </fieldset>
            </form>
        @endif
        <form method="post" data-needs-connection action="{{ route('shop.prepare') }}" enctype="multipart/form-data" class="card padded" data-parts="{{ route('shop.part') }}">
            @csrf
            <h2 class="text-xl">{{ __('page/shop.backups.restore_from_a_file') }}</h2>
            <div class="three-fields">
                <div class="field"><label for="file">{{ __('page/shop.backups.file') }}</label><input id="file" type="file" name="file" accept=".yoke"></div>
                <div class="field"><label for="opens">{{ __('page/shop.backups.opens') }}</label><input id="opens" name="passphrase" type="password" autocomplete="off"></div>
            </div>
            <p class="sentence" data-parts-says>{{ __('page/shop.backups.you_see_first_what_would') }}</p>
            <button class="button">{{ __('page/shop.backups.look_at_it') }}</button>
        </form>
    </main>
</x-layout>
