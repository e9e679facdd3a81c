<x-layout :title="__('page/top.shop.shop_and_backups')" here="log">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/top.shop.shop_and_backups') }}</h1><form method="post" data-needs-connection action="{{ route('shop.make') }}">@csrf<button class="button is-first">{{ __('page/top.shop.back_up_now') }}</button></form></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        @error('file')<p class="do-next is-over" role="alert">{{ $message }}</p>@enderror
        <p class="sentence">{{ __('page/top.shop.a_backup_is_one_file') }}</p>
        @if ($backups === [])
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/top.shop.no_backup_yet') }}</p></div>
        @else
            <div class="card overflow-x-auto"><table class="log">
                <thead><tr><th scope="col">{{ __('page/top.shop.backup') }}</th><th scope="col">{{ __('page/top.shop.made') }}</th><th scope="col">{{ __('page/top.shop.size') }}</th><th scope="col"></th></tr></thead>
                <tbody>
                    @foreach ($backups as $one)
                        <tr>
                            <td><a href="{{ route('shop.download', $one['name']) }}">{{ $one['name'] }}</a></td>
                            <td>{{ date('j M Y H:i', $one['at']) }}</td>
                            <td>{{ __('page/top.shop.mb', ['bytes' => number_format($one['bytes'] / 1e6, 1)]) }}</td>
                            <td><form method="post" data-needs-connection action="{{ route('shop.restore') }}">@csrf<input type="hidden" name="name" value="{{ $one['name'] }}"><button class="button is-small">{{ __('page/top.shop.restore_backup') }}</button></form></td>
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
        @endif
        <form method="post" data-needs-connection action="{{ route('shop.restore') }}" enctype="multipart/form-data" class="card photo-form">
            @csrf
            <div class="field col-span-2"><label for="file">{{ __('page/top.shop.restore_from_a_file') }}</label><input id="file" type="file" name="file" accept=".yoke"><p class="sentence">{{ __('page/top.shop.everything_here_is_replaced_a') }}</p></div>
            <button class="button">{{ __('page/top.shop.restore_backup') }}</button>
        </form>
    </main>
</x-layout>
