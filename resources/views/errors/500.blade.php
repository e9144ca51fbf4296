@extends('errors.page', ['status' => 500, 'heading' => 'Something in the program broke'])

@section('said')
    Nothing was half-saved. Try again; if it stays, the log on this machine says more.
@endsection
